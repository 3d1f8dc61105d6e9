// A new kind of reading is a file beside this one and a line here.
export { title, subject, deadline, priority, owner, below } from './facts.ts';
export { asker, person } from './people.ts';
export { newest, note, message } from './bodies.ts';
export { detail, event } from './details.ts';
export { labels, header, pair } from './marks.ts';
export { between, pattern, matchGroup } from './texts.ts';
export { shorthand } from './shorthand.ts';
export { column, lookup } from './tables.ts';
export { day, fixed, template } from './made.ts';
