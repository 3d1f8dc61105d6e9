import { readStatedTime, type DateOrder } from '../dates/index.ts';
import { alternatives, fold, LANGUAGES, listOf, pattern, type Words } from '../languages/index.ts';
import type { Mailbox } from '../mail/index.ts';
import { formHeadersAt } from './formHeadings.ts';
import { LAYOUTS, type Layout } from './layouts/index.ts';
import { parseMailbox } from './mailbox.ts';
import { isBlank, isRule, type QuotedLine } from './slices.ts';

/** What stands above a forwarded or quoted message: header lines or a line “On … wrote:”. Indices of lines, `end` exclusive. */
export interface Heading {
  start: number;
  end: number;
  /** A reply's “On … wrote:”, header lines (a reply or a forward), or a marker that says it is forwarded. */
  kind: 'intro' | 'headers' | 'marker';
  from: Mailbox | null;
  /** ISO 8601, with an offset only where one is stated. */
  sentAt: string | null;
  subject: string | null;
}

type HeaderKind = 'from' | 'sent' | 'to' | 'subject' | 'other';
const KINDS = new Map<string, HeaderKind>(
  (['other', 'to', 'subject', 'sent', 'from'] as const).flatMap((kind) =>
    LAYOUTS.flatMap((layout) => listOf(layout.headers[kind]).map((word) => [word, kind] as const)),
  ),
);
const HEADER = /^[\s*_]{0,6}(\p{L}[\p{L} -]{0,20}?)\s?[*_]{0,2}\s?:[*_]{0,2}\s*(.*)$/u;
/** A line with these words, within dashes or in front of a colon. */
const markerOf = (pick: (layout: Layout) => Words) =>
  pattern(
    `^(?<open>[-_=*+~<\\s]*)${alternatives(...LAYOUTS.map(pick))}(?:\\s.{0,60}?)?(?<close>[-_=*+~>:\\s]*)$`,
  );
const FORWARDED = markerOf((layout) => layout.markers);
const ORIGINAL = markerOf((layout) => layout.originals);
const wrote = alternatives(...LAYOUTS.map((layout) => layout.wrote));
const WROTE = pattern(`(?<![\\p{L}])${wrote}(?![\\p{L}])`);
/** Lines that an intro may run over. */
const INTRO_LINES = 4;

/** All headings of a text, from the top. */
export function findHeadings(lines: readonly QuotedLine[], order: DateOrder): Heading[] {
  const found: Heading[] = [];
  for (let i = 0; i < lines.length;) {
    const heading = headingAt(lines, i, order);
    if (heading) found.push(heading);
    i = heading ? Math.max(heading.end, i + 1) : i + 1;
  }
  return found;
}

function headingAt(lines: readonly QuotedLine[], at: number, order: DateOrder): Heading | null {
  const line = lines[at];
  if (!line || line.words.length > 400 || isBlank(line)) return null;
  const marker = markerIn(line.words);
  const kind = headerOf(line.words)?.kind;
  const headed = marker !== null || isRule(line.words) || kind === 'from' || kind === 'sent';
  return (
    (headed ? headersFrom(lines, at, order, marker) : introAt(lines, at, order)) ??
    byForm(lines, at, order, marker === 'forwarded')
  );
}

function byForm(
  lines: readonly QuotedLine[],
  at: number,
  order: DateOrder,
  forwarded: boolean,
): Heading | null {
  const found = formHeadersAt(lines, at, order);
  if (!found) return null;
  const { end, marked, ...rest } = found;
  return {
    start: at,
    end: skipBlank(lines, end, lines.length),
    kind: marked || forwarded ? 'marker' : 'headers',
    ...rest,
  };
}

/** Whether the line says that a message is forwarded, or only that it is the original of this one. */
function markerIn(words: string): 'forwarded' | 'original' | null {
  if (words.length > 120) return null;
  const folded = fold(words).trim();
  const forwarded = FORWARDED.exec(folded);
  const { open = '', close = '' } = (forwarded ?? ORIGINAL.exec(folded))?.groups ?? { open: 'none' };
  const marks =
    /[-_=*+~<]{2}/.test(open) || close.includes(':') || /[-_=]{2}/.test(close) || open + close === '';
  return !marks ? null : forwarded ? 'forwarded' : 'original';
}

function headerOf(words: string): { kind: HeaderKind; value: string } | null {
  const found = HEADER.exec(words.slice(0, 600));
  const kind =
    found &&
    KINDS.get(
      fold(found[1] ?? '')
        .replace(/\s+/g, ' ')
        .trim(),
    );
  return found && kind ? { kind, value: (found[2] ?? '').replaceAll('*', '').trim() } : null;
}

function headersFrom(
  lines: readonly QuotedLine[],
  at: number,
  order: DateOrder,
  marker: 'forwarded' | 'original' | null,
): Heading | null {
  const begin = headerOf(lines[at]?.words ?? '') ? at : skipBlank(lines, at + 1, 3);
  const { values, end } = readHeaders(lines, begin);
  const sent = values.get('sent');
  const dated = sent !== undefined && /\d/.test(sent);
  const from = values.get('from');
  // A memo too begins with its day, but names no address.
  const begins = begin !== at || headerOf(lines[at]?.words ?? '')?.kind === 'from' || from?.includes('@');
  const enough = marker
    ? from !== undefined && values.size >= 2
    : from !== undefined && begins && dated && values.size >= 3;
  if (!enough) return marker && BETWEEN_DASHES.test(lines[at]?.words ?? '') ? unsigned(at, marker) : null;
  return {
    start: at,
    end: skipBlank(lines, end, lines.length),
    kind: marker === 'forwarded' ? 'marker' : 'headers',
    from: parseMailbox(from ?? ''),
    sentAt: sent === undefined ? null : (readStatedTime(sent, order)?.iso ?? null),
    subject: values.get('subject') ?? null,
  };
}

const BETWEEN_DASHES = /^\s*[-_=*]{3,}.*[-_=*]{3,}\s*$/;

/** A marker with no header lines below it: the words are somebody else's, of whom nothing is known. */
const unsigned = (at: number, marker: 'forwarded' | 'original'): Heading => ({
  start: at,
  end: at + 1,
  kind: marker === 'forwarded' ? 'marker' : 'headers',
  from: null,
  sentAt: null,
  subject: null,
});

function readHeaders(lines: readonly QuotedLine[], begin: number) {
  const values = new Map<HeaderKind, string>();
  let last: HeaderKind | null = null;
  let i = begin;
  for (; i < lines.length; i += 1) {
    const words = lines[i]?.words ?? '';
    const header = headerOf(words);
    if (header) {
      if (header.kind === 'from' && values.has('from')) break;
      last = header.kind;
      if (!values.has(last) || last === 'other') values.set(last, header.value);
    } else if (last !== null && words.trim() !== '' && continues(lines, i, values.get(last) ?? '')) {
      values.set(last, `${values.get(last) ?? ''} ${words.trim()}`.trim());
    } else if (last !== null && words.trim() === '' && isNewHeader(lines[i + 1]?.words ?? '', values)) {
      continue;
    } else break;
  }
  return { values, end: i };
}

/** Formatted mail has headers apart by a blank line. */
function isNewHeader(words: string, values: ReadonlyMap<HeaderKind, string>): boolean {
  const header = headerOf(words);
  return header !== null && header.kind !== 'other' && !values.has(header.kind);
}

/** A header's value that was broken over lines. */
function continues(lines: readonly QuotedLine[], at: number, value: string): boolean {
  const line = lines[at];
  if (value === '' || /[,;]$/.test(value) || /^[ \t]+\S/.test(line?.words ?? '')) return true;
  return headerOf(lines[at + 1]?.words ?? '') !== null;
}

function skipBlank(lines: readonly QuotedLine[], from: number, most: number): number {
  let i = from;
  for (let line = lines[i]; line && isBlank(line) && i - from < most; line = lines[i]) i += 1;
  return i;
}

function introAt(lines: readonly QuotedLine[], at: number, order: DateOrder): Heading | null {
  const first = lines[at];
  const end = introEnd(lines, at);
  if (!first || end === null) return null;
  const joined = joinLines(lines, at, end);
  if (!isIntro(joined, lines, end, first.depth) || beginsLater(lines, at, end)) return null;
  return {
    start: at,
    end: skipBlank(lines, end, lines.length),
    kind: 'intro',
    ...readIntro(joined, order),
    subject: null,
  };
}

/** Behind the first line with a colon at its end, or the line itself where it is a day and an address above a quote. */
function introEnd(lines: readonly QuotedLine[], at: number): number | null {
  for (let i = at; i < Math.min(at + INTRO_LINES, lines.length); i += 1) {
    const line = lines[i];
    if (!line || isBlank(line) || line.words.length > 300) return null;
    if (/:\s*$/.test(line.words) || (i === at && isBareIntro(line.words))) return i + 1;
  }
  return null;
}

/** `2026/3/3 Orla Penhale <orla@…>` */
const isBareIntro = (words: string) => /^\s*\d[\d./-]{7,9}\s.*<[^<>\s]+@[^<>\s]+>\s*$/.test(words);

const joinLines = (lines: readonly QuotedLine[], from: number, end: number) =>
  lines
    .slice(from, end)
    .map((line) => line.words.trim())
    .join(' ');

/** Whether the lines below hold the day and the writer too: then the line here is the writer's own last one. */
function beginsLater(lines: readonly QuotedLine[], at: number, end: number): boolean {
  return lines.slice(at + 1, end).some((_, i) => {
    const joined = joinLines(lines, at + 1 + i, end);
    return hasWriter(joined) && /\d/.test(joined.replace(/\S+@\S+/g, ''));
  });
}

const hasWriter = (joined: string) => joined.includes('@') || WROTE.test(fold(joined));

function isIntro(joined: string, lines: readonly QuotedLine[], next: number, depth: number): boolean {
  const below = lines[skipBlank(lines, next, 2)];
  const quoted = below !== undefined && below.depth > depth;
  const timed = /\d{1,2}[:.h]\d{2}/.test(joined);
  if (WROTE.test(fold(joined))) return joined.includes('@') || timed || (quoted && /\d/.test(joined));
  const dated = /\d{4}|\d{1,2}[./-]\d{1,2}[./-]\d{2}/.test(joined);
  return dated && /<[^<>\s]+@[^<>\s]+>|\S@\S/.test(joined) && (quoted || (timed && joined.includes('<')));
}

const SMALL = new Set(
  [
    ...LAYOUTS.flatMap((l) => [...listOf(l.introBegins), ...listOf(l.wrote).flatMap((w) => w.split(' '))]),
    ...LANGUAGES.flatMap((l) =>
      [...l.weekdays, ...l.shortDays, l.dates.clock, l.dates.at, l.dates.article].flatMap(listOf),
    ),
    ['gmt', 'utc', 'am', 'pm'],
  ].flat(),
);

/** In front of an address: in quotes, or what follows the last figure, comma or colon. */
const QUOTED_NAME = /["“„«]\s*([^"“”„«»<>@]{2,60}?)\s*["”“»]\s*[(<[]+[^\s<>]+@/u;
const NAME_BEFORE = /([^\d,:<>]*\p{L}[^\d,:<>]*?)\s*[(<[]+[^\s<>]+@/u;

function nameIn(words: string): string {
  return words
    .replace(/<[^>]*>|\([^)]*@[^)]*\)|\[[^\]]*\]|\S+@\S+/g, ' ')
    .split(/\s+/)
    .map((word) => word.replace(/^[,;("']+|[,;)"']+$/g, ''))
    .filter((word) => /\p{L}/u.test(word) && !SMALL.has(fold(word).replace(/\.$/, '')))
    .join(' ');
}

/** `On Mon, 23 Nov 2026 at 16:48, Orla Penhale <orla@…> wrote:` → who and when. */
function readIntro(intro: string, order: DateOrder): { from: Mailbox | null; sentAt: string | null } {
  const line = intro.replace(/\s+/g, ' ').replace(/:\s*$/, '');
  const time = readStatedTime(line, order);
  const mail = parseMailbox(line);
  const rest = time ? `${line.slice(0, time.start)} ${line.slice(time.end)}` : line;
  const name = QUOTED_NAME.exec(line)?.[1] ?? nameIn(NAME_BEFORE.exec(line)?.[1] ?? rest);
  const address = mail?.address ?? '';
  return { from: name === '' && address === '' ? null : { name, address }, sentAt: time?.iso ?? null };
}
