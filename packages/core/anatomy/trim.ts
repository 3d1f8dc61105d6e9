import {
  alternatives,
  pattern,
  fold,
  LANGUAGES,
  wholeWords,
  type Language,
  type Words,
} from '../languages/index.ts';
import { isBlank, type QuotedLine } from './slices.ts';

/** What a line of a message is: its words, its writer's signature, or what a program or a lawyer put there. */
export type LineKind = 'words' | 'signature' | 'footer';

const all = (pick: (mail: Language['mail']) => Words) => LANGUAGES.map((language) => pick(language.mail));
const SIGN_OFF = pattern(`^\\s*(?:${alternatives(...all((m) => m.signOff))})(?![\\p{L}])(?<rest>.{0,40})$`);
const MOBILE = pattern(`^\\s*${alternatives(...all((m) => m.mobile))}(?![\\p{L}])`);
/** “Get … for iOS”, which a program puts under what is written on a phone. */
const PHONE_APP = /^.{5,50}\s(?:ios|android)\W*(?:\p{L}+\W*)?$/u;
const AND = alternatives(...LANGUAGES.map((l) => l.requests.and));
const REST = pattern(
  `^[\\s,.!;:-]*(?:(?:${AND}|${alternatives(...all((m) => m.signOffFrom))})\\s)?(?:[\\p{L}.'-]+\\s?){0,4}[\\s,.!]*$`,
);
const JOINED = pattern(`^[\\s,]*${AND}\\s`);
const EXTERNAL = wholeWords(...all((m) => m.external));
const LEGAL = new RegExp(wholeWords(...all((m) => m.legal)), 'g');
const UNSUBSCRIBE = wholeWords(...all((m) => m.unsubscribe));
const RULE = /^\s*(?:[_=*~-]\s?){8,}\s*$/;
const CONTACT =
  /\+?\d[\d ()./-]{6,}\d|\S@\S|\bwww\.|https?:\/\/|(?<![\p{L}])(?:tel|phone|mobile|fax|mob|telefon|tlf|telefono|telefone|gsm|gmbh|ltd|inc|llc|plc|s\.?a\.?|b\.?v\.?|ab|s\.?r\.?l\.?|kg|ag|lda|sarl)(?![\p{L}])/u;

/** Written days and clock times look like telephone numbers and are none. */
const DAY = /\b\d{1,4}([./-])\d{1,2}\1\d{1,4}\b|\b\d{1,2}:\d\d\b/g;
const isContact = (words: string) => CONTACT.test(fold(words).replace(DAY, ' '));

/** Sorts the lines of one message. */
export function trim(lines: readonly QuotedLine[]): LineKind[] {
  const kinds = lines.map((): LineKind => 'words');
  const mark = (from: number, to: number, kind: LineKind) => {
    for (let i = from; i < to; i += 1) if (kinds[i] === 'words') kinds[i] = kind;
  };
  const paragraphs = paragraphsOf(lines);
  const top = paragraphs[0];
  if (top && isBanner(lines, top)) mark(top.start, top.end, 'footer');
  let end = lines.length;
  for (const { start, end: stop } of paragraphs.toReversed()) {
    const at = footerStart(lines, start, stop);
    if (at === null || at === 0) break;
    mark(at, end, 'footer');
    end = at;
    if (at > start) break;
  }
  const sign = signatureStart(lines, end, paragraphs);
  if (sign !== null) mark(sign, end, 'signature');
  return kinds;
}

interface Range {
  start: number;
  end: number;
}

function paragraphsOf(lines: readonly QuotedLine[]): Range[] {
  const found: Range[] = [];
  lines.forEach((line, i) => {
    if (isBlank(line)) return;
    const last = found.at(-1);
    if (last?.end === i) last.end = i + 1;
    else found.push({ start: i, end: i + 1 });
  });
  return found;
}

const textOf = (lines: readonly QuotedLine[], { start, end }: Range) =>
  fold(
    lines
      .slice(start, end)
      .map((line) => line.words.slice(0, 1000))
      .join(' '),
  );

function isBanner(lines: readonly QuotedLine[], range: Range): boolean {
  if (range.end - range.start > 6) return false;
  const text = textOf(lines, range);
  return (
    text.length < 500 &&
    (EXTERNAL.test(text) || /^\W*(?:external|extern|externe|externo|esterno)\W*$/.test(text))
  );
}

/** Where the footer begins within the last paragraph, or null. */
function footerStart(lines: readonly QuotedLine[], start: number, end: number): number | null {
  const text = textOf(lines, { start, end });
  const legal = new Set([...text.matchAll(LEGAL)].map(([word]) => word)).size;
  if (legal >= 2 && text.length > 60) return start + firstLegal(lines.slice(start, end));
  if (EXTERNAL.test(text) && text.length < 300) return start;
  const rule = lines.slice(start, end).findIndex((line) => RULE.test(line.words));
  if (rule <= 0 && UNSUBSCRIBE.test(text) && text.length < 700) return start;
  if (rule === -1) return null;
  const below = textOf(lines, { start: start + rule, end });
  return rule + start === end - 1 || legal >= 1 || /https?:/.test(below) || UNSUBSCRIBE.test(below)
    ? start + rule
    : null;
}

/** A sign-off may stand right above the lawyer's words. */
function firstLegal(lines: readonly QuotedLine[]): number {
  const signed = lines.findIndex((line) => isSignOff(line.words));
  const legal = lines.findIndex((line) => fold(line.words).search(LEGAL) !== -1);
  return signed === -1 || legal < signed ? 0 : legal;
}

function signatureStart(
  lines: readonly QuotedLine[],
  end: number,
  paragraphs: readonly Range[],
): number | null {
  const marked = lines.findIndex((line, i) => i < end && /^\s*(?:--|—|–)\s?$/.test(line.words));
  if (marked !== -1) return marked;
  const ruled = ruledBlock(lines, end);
  if (ruled !== null) return ruled;
  const mobile = lines.findIndex((line, i) => i < end && end - i <= 8 && isMobile(line.words));
  const body = mobile === -1 ? end : mobile;
  const sign = afterSignOff(lines, body) ?? contactBlock(lines, body, paragraphs);
  return sign ?? (mobile === -1 ? null : mobile);
}

/** Short lines below a rule, with a way to reach somebody in them. */
function ruledBlock(lines: readonly QuotedLine[], end: number): number | null {
  const rule = lines.findLastIndex((line, i) => i > 0 && i < end && /^\s*[-_=*~]{4,}\s*$/.test(line.words));
  const below = lines.slice(rule + 1, end).filter((line) => !isBlank(line));
  const short = below.every(({ words }) => words.length < 90 && !/[?!]\s*$/.test(words));
  const reachable = below.some(({ words }) => isContact(words));
  return rule !== -1 && below.length <= 8 && short && reachable ? rule : null;
}

function isMobile(words: string): boolean {
  const text = fold(words.slice(0, 120)).trim();
  return MOBILE.test(text) || (text.length < 60 && PHONE_APP.test(text));
}

/** Lines from the end in which a sign-off is looked for. */
const CLOSING = 14;

/** The sign-off and the name below it stay; what comes then is the signature, unless it is said in sentences. */
function afterSignOff(lines: readonly QuotedLine[], end: number): number | null {
  const rows = lines
    .map((line, i) => ({ words: line.words, i }))
    .filter(({ words, i }) => i < end && words.trim() !== '');
  const signs = rows
    .slice(-CLOSING)
    .filter(({ words, i }) => i > 0 && isSignOff(words) && !isBroken(words, lines[i + 1]));
  const at = signs.find((sign) => !rows.some(({ words, i }) => i > sign.i && isProse(words)));
  if (!at) return null;
  const below = rows.filter(({ i }) => i > at.i);
  let kept = 0;
  while (kept < 2 && isSignOff(below[kept]?.words ?? '')) kept += 1;
  const rest = (SIGN_OFF.exec(fold(at.words))?.groups?.rest ?? '').replace(JOINED, '');
  // “Thanks, Odile” is signed, “Danke euch allen” is not.
  const named =
    /^[^\p{L}]*\p{Lu}\p{L}{2}/u.test(at.words.slice(at.words.length - rest.length)) && !SIGN_OFF.test(rest);
  if (!named && isName(below[kept]?.words ?? '')) kept += 1;
  return below[kept]?.i ?? null;
}

/** “Merci de nous envoyer la liste | avant vendredi”: a sentence that goes on in the next line. */
const isBroken = (words: string, next: QuotedLine | undefined) =>
  words.trim().split(/\s+/).length > 3 && /^\s*\p{Ll}/u.test(next?.words ?? '');

function isSignOff(words: string): boolean {
  const text = words.trim();
  if (text.length > 60 || /[?]/.test(text)) return false;
  const rest = SIGN_OFF.exec(fold(text))?.groups?.rest;
  if (rest === undefined) return false;
  return REST.test(rest) && !/\d/.test(rest);
}

const isName = (words: string) =>
  words.trim() !== '' &&
  words.trim().split(/\s+/).length <= 5 &&
  !/[\d@:/]/.test(words) &&
  words.trim().length < 50;

/** A sentence or a postscript, not a line of a signature. */
const isProse = (words: string) =>
  /^\s*p\.?\s?s\b/i.test(words) ||
  (words.trim().split(/\s+/).length > 4 && /[.!?:]\s*$/.test(words) && !isContact(words));

/** Paragraphs that a signature may stand in. */
const SIGNED_IN = 4;

/** The last paragraph, or the last few, from a name on, with ways to reach him. */
function contactBlock(
  lines: readonly QuotedLine[],
  end: number,
  paragraphs: readonly Range[],
): number | null {
  const last = paragraphs.findLastIndex((p) => p.start < end);
  for (let i = last; i > 0 && i > last - SIGNED_IN; i -= 1) {
    const start = paragraphs[i]?.start ?? 0;
    const rows = lines
      .slice(start, Math.min(paragraphs[last]?.end ?? end, end))
      .map((line) => line.words.trim().replace(/\s+/g, ' '))
      .filter((row) => row !== '');
    if (!rows.every((row) => row.length < 90 && !/[?!]$/.test(row))) return null;
    if (i < last && rows.some((row) => /[.:]$/.test(row))) return null;
    const reachable = rows.filter((row) => isContact(row)).length;
    const named = (i === last ? NAMED : FULL_NAME).test(rows[0] ?? '');
    if (named && rows.length >= 2 && reachable >= 1 && reachable * 4 >= rows.length) return start;
  }
  return null;
}

const NAMED = /^\p{Lu}[\p{L}.'-]+(?: [\p{L}.'-]+){0,4}(?:,.{0,40}| \|.*)?$/u;
const FULL_NAME = /^\p{Lu}[\p{L}.'-]+(?: \p{Ll}{1,3}){0,2}(?: \p{Lu}[\p{L}.'-]+){1,3}(?:, .{0,40}| \|.*)?$/u;
