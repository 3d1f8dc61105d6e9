import { readStatedTime, type DateOrder } from '../dates/index.ts';
import type { Mailbox } from '../mail/index.ts';
import { parseMailbox } from './mailbox.ts';
import { isBlank, isRule, type QuotedLine } from './slices.ts';

/** Header lines of a language that no layout knows, told by their form. Indices of lines, `end` exclusive. */
export interface FormHeaders {
  end: number;
  /** A line of words between dashes stands above them. */
  marked: boolean;
  from: Mailbox | null;
  sentAt: string | null;
  subject: string | null;
}

const LABELLED = /^[\s*]{0,4}\p{L}[\p{L}\p{M} .'-]{0,24}?[*]{0,2}\s?[:：][*]{0,2}\s*(?<value>\S.*)$/u;
const MARKED = /^\s*[-_=]{3,}\s*\p{L}[\p{L}\p{M} .'/-]{2,60}?\s*[-_=]{3,}\s*$/u;
const INTRODUCING = /^\s*\p{L}[^\d@]{4,60}[:：]\s*$/u;
const ADDRESS = /\S@\S+\.\S/;
/** Header lines that are shown above a message. */
const MOST = 12;
const MOMENT = /(?=.*\b(?:19|20)\d{2}\b)(?=.*\b\d{1,2}[:.]\d{2}\b)/;

/**
 * At least three labelled lines, of which one has an address and another a day, a year and a time: below a rule, below a
 * line of words between dashes or in front of a colon where they are quoted, or of themselves where the writer's
 * address and the moment come first. The last line with neither is the subject.
 */
export function formHeadersAt(
  lines: readonly QuotedLine[],
  at: number,
  order: DateOrder,
): FormHeaders | null {
  const first = lines[at];
  if (!first) return null;
  const bare = ADDRESS.test(first.words) && valueOf(first) !== null;
  let i = bare ? at : at + 1;
  for (let line = lines[i]; line && isBlank(line) && i < at + 3; line = lines[i]) i += 1;
  const quoted = (lines[i]?.depth ?? 0) > first.depth;
  const marked = MARKED.test(first.words) || (quoted && INTRODUCING.test(first.words));
  if (!bare && !marked && !isRule(first.words)) return null;
  const values: string[] = [];
  for (
    let value = valueOf(lines[i]);
    value !== null && values.length < MOST;
    value = valueOf(lines[(i += 1)])
  )
    values.push(value);
  const from = values.find((value) => ADDRESS.test(value));
  const sent = values.find((value) => MOMENT.test(value) && !ADDRESS.test(value));
  if (values.length < (bare ? 4 : 3) || from === undefined || sent === undefined) return null;
  if (bare && (from !== values[0] || sent !== values[1])) return null;
  const subject = values.findLast((value) => !ADDRESS.test(value) && value !== sent);
  return {
    end: i,
    marked,
    from: parseMailbox(from),
    sentAt: readStatedTime(sent, order)?.iso ?? null,
    subject: subject ?? null,
  };
}

const valueOf = (line: QuotedLine | undefined): string | null =>
  LABELLED.exec(line?.words.slice(0, 400) ?? '')?.groups?.value ?? null;
