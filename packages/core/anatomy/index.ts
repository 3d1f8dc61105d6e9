export { Anatomy, Part, PartKind, wordsOf } from './anatomy.ts';
export { LAYOUTS } from './layouts/index.ts';
export { FORWARD_PREFIXES, REPLY_PREFIXES } from './layouts/prefixes.ts';
export { parseMailbox } from './mailbox.ts';
export { joinSlices, linesOf, Slice, type Line, type JoinedWords } from './slices.ts';
export { takeApart, type AnatomyOptions } from './takeApart.ts';
