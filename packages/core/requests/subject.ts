import { LAYOUTS } from '../anatomy/index.ts';
import type { Slice } from '../anatomy/index.ts';

/** Prefixes of languages that have no layout file yet, as their mail programs write them. */
const MORE_PREFIXES = ['aw', 'wg', 'tr', 'rv', 'i', 'r', 'antw', 'doorst', 'sv', 'vb', 'vs', 'enc', 'res'];
const PREFIXES = [...LAYOUTS.flatMap((layout) => layout.subjectPrefixes), ...MORE_PREFIXES];
const OPENING = new RegExp(`^\\s*(?:(?:${PREFIXES.join('|')})(?:\\[\\d+\\])?\\s?:|\\[[^\\]]{1,60}\\])`, 'i');

/** The slice of a subject that is left without its `Re:`, `Fwd:`, list tags in brackets and a final stop. */
export function cleanSubject(subject: string): Slice {
  let start = 0;
  for (let found = OPENING.exec(subject); found; found = OPENING.exec(subject.slice(start)))
    start += found[0].length;
  const end = subject.trimEnd().replace(/\.$/, '').length;
  start += subject.slice(start).length - subject.slice(start).trimStart().length;
  return start < end ? { start, end } : { start: 0, end: subject.length };
}
