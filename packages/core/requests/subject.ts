import { FORWARD_PREFIXES, REPLY_PREFIXES, type Slice } from '../anatomy/index.ts';
import { alternatives, pattern, fold } from '../languages/index.ts';

const prefixes = alternatives(REPLY_PREFIXES, FORWARD_PREFIXES);
const PREFIX = `${prefixes}\\.?\\s?(?:\\[\\d+\\]|\\(\\d+\\))?\\s?:`;
const OPENING = pattern(`^\\s*(?:${PREFIX}|\\[[^\\]]{1,60}\\])`);
const PREFIXES = pattern(`^(?:\\s*${PREFIX})*\\s*`);

/** The subject of a reply: one `Re:` instead of all prefixes (RFC 5322, section 3.6.5); tags in brackets stay. */
export const replySubject = (subject: string): string =>
  `Re: ${subject.slice(PREFIXES.exec(fold(subject))?.[0].length ?? 0)}`;

/** The slice of a subject that is left without its `Re:`, `Fwd:`, list tags in brackets and its final stops. */
export function cleanSubject(subject: string): Slice {
  const folded = fold(subject);
  let start = 0;
  for (let found = OPENING.exec(folded); found; found = OPENING.exec(folded.slice(start)))
    start += found[0].length;
  const end = subject.trimEnd().replace(/[.…]+$/, '').length;
  start += subject.slice(start).length - subject.slice(start).trimStart().length;
  return start < end ? { start, end } : { start: 0, end: subject.length };
}
