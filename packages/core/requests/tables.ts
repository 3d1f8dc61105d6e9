import { linesOf, type Line, type Slice } from '../anatomy/index.ts';
import type { DatePhrase } from '../dates/index.ts';
import { beginsWithVerb, fold, LANGUAGES, listOf, type Language } from '../languages/index.ts';
import { itemAt, type Item } from './item.ts';

type Role = 'action' | 'owner' | 'when' | 'done';
const ROLES: readonly Role[] = ['when', 'owner', 'done', 'action'];
const HEADERS = new Map<string, Role>(
  ROLES.toReversed().flatMap((role) =>
    LANGUAGES.flatMap((l) => listOf(l.requests[role]).map((word) => [word, role] as const)),
  ),
);
const DONE = new Set(LANGUAGES.flatMap((l) => listOf(l.requests.finished)));

/** A row of a table with its cells; places count in the text given. */
export interface Row {
  line: Line;
  cells: (Slice & { words: string })[];
}

/** The tasks of tables, whose columns are told by their headers or, without one, by what they hold. Done rows are left out. */
export function tableItems(text: string, dates: readonly DatePhrase[], language: Language): Item[] {
  return findTables(text).flatMap((rows) => {
    const [head, ...body] = rows;
    const named = head ? rolesByHeader(head) : null;
    const roles = named ?? rolesByContent(rows, dates, language);
    return roles ? (named ? body : rows).flatMap((row) => itemOf(text, row, roles, dates, language)) : [];
  });
}

/**
 * The tables of a text: lines of at least two cells (parted by tabs, bars or wide gaps) that follow one another. A line
 * of its own among them, the heading of some rows, belongs to none; rows of sums are left out.
 */
export function findTables(text: string): Row[][] {
  const lines = linesOf(text, { start: 0, end: text.length }).filter(
    (line) => !(/^[\s|+:=_-]+$/.test(line.text) && line.text.trim() !== ''),
  );
  const tables: Row[][] = [];
  let open: Line[] = [];
  const close = () => {
    const rows = rowsOf(open);
    if (rows.length >= 2) tables.push(rows);
    open = [];
  };
  for (const [i, line] of lines.entries()) {
    if (isRow(line)) open.push(line);
    else if (!isSection(line, open, lines[i + 1])) close();
  }
  close();
  return tables.map(withoutSums);
}

const isRow = (line: Line) => line.text.length < 1000 && cellsOf(line, /\t+/g).length >= 2;

/** “Week 12”, alone on its line between two rows as wide as one another. */
function isSection(line: Line, above: readonly Line[], below: Line | undefined): boolean {
  const last = above.at(-1);
  if (!last || !below || !isRow(below) || line.text.trim() === '' || line.text.length > 60) return false;
  return cellsOf(below, /\t/g).length === cellsOf(last, /\t/g).length && !/[.!?:]\s*$/.test(line.text);
}

/** A tab parts two cells, unless more of them were typed to line words up: then the rows differ from their headings. */
function rowsOf(lines: readonly Line[]): Row[] {
  const single = lines.map((line) => ({ line, cells: cellsOf(line, /\t/g) }));
  const width = single[0]?.cells.length ?? 0;
  const fits =
    single[0]?.cells.every(({ words }) => words !== '') === true &&
    single.every(({ cells }) => cells.length <= width);
  return fits ? single : lines.map((line) => ({ line, cells: cellsOf(line, /\t+/g) }));
}

const SUMS = new Set(LANGUAGES.flatMap((l) => listOf(l.requests.sum)).map(fold));

/** Rows of sums, and rows of a wide table that hold one cell only, are no rows of their own. */
function withoutSums([head, ...rows]: Row[]): Row[] {
  const width = head?.cells.length ?? 0;
  const isOwn = ({ cells }: Row) => {
    const filled = cells.filter(({ words }) => words !== '');
    const first = fold(filled[0]?.words ?? '').replace(/[\s.:]+$/, '');
    return !SUMS.has(first) && !(width >= 3 && filled.length === 1);
  };
  return head ? [head, ...rows.filter(isOwn)] : rows;
}

/** Whether a first row names its columns: no cell of it is a number, a date or empty. */
export const isHeading = ({ cells }: Row): boolean =>
  cells.every(({ words }) => words !== '' && !/^[^\p{L}]*\d[\d\s.,:/%€$£-]*\p{L}{0,3}$/u.test(words));

function cellsOf(line: Line, tabs: RegExp): Row['cells'] {
  const isTabbed = line.text.includes('\t');
  const between = isTabbed ? tabs : /\S\s*\|\s*\S/.test(line.text) ? /\|/g : / {2,}/g;
  const cells: Row['cells'] = [];
  let at = 0;
  for (const stop of [
    ...[...line.text.matchAll(between)].map((m) => ({ index: m.index, length: m[0].length })),
    { index: line.text.length, length: 0 },
  ]) {
    const raw = line.text.slice(at, stop.index);
    const lead = raw.length - raw.trimStart().length;
    const words = raw.trim();
    const isEdge = !isTabbed && words === '' && (at === 0 || stop.index === line.text.length);
    if (!isEdge)
      cells.push({ start: line.start + at + lead, end: line.start + at + lead + words.length, words });
    at = stop.index + stop.length;
  }
  return cells;
}

type Roles = ReadonlyMap<Role, number>;

function rolesByHeader(head: Row): Roles | null {
  const roles = new Map<Role, number>();
  head.cells.forEach(({ words }, i) => {
    const role = HEADERS.get(
      fold(words)
        .replace(/[.:?]+$/, '')
        .trim(),
    );
    if (role && !roles.has(role)) roles.set(role, i);
  });
  return roles.has('action') && roles.size >= 2 ? roles : null;
}

/** A column of dates beside one of requests. */
function rolesByContent(
  rows: readonly Row[],
  dates: readonly DatePhrase[],
  language: Language,
): Roles | null {
  const width = Math.min(...rows.map((row) => row.cells.length));
  const share = (i: number, test: (cell: Row['cells'][number]) => boolean) =>
    rows.filter((row) => row.cells[i] && test(row.cells[i])).length / rows.length;
  const columns = Array.from({ length: width }, (_, i) => i);
  const when = columns.find(
    (i) => share(i, (cell) => dateIn(cell, dates) !== null && cell.words.length < 30) === 1,
  );
  const action = columns.find(
    (i) => i !== when && share(i, (cell) => beginsWithVerb(cell.words, language)) >= 0.6,
  );
  const owner = columns.find(
    (i) =>
      i !== when &&
      i !== action &&
      share(i, ({ words }) => /^\p{Lu}[\p{L}.'-]+(?: \p{Lu}[\p{L}.'-]+)?$/u.test(words)) === 1,
  );
  if (when === undefined || action === undefined) return null;
  return new Map([
    ['when', when],
    ['action', action],
    ...(owner === undefined ? [] : [['owner', owner] as const]),
  ]);
}

const dateIn = (cell: Slice, dates: readonly DatePhrase[]) =>
  dates.find((d) => d.end > cell.start && d.start < cell.end && d.end <= cell.end + 1) ?? null;

function itemOf(
  text: string,
  row: Row,
  roles: Roles,
  dates: readonly DatePhrase[],
  language: Language,
): Item[] {
  const cell = (role: Role) => row.cells[roles.get(role) ?? -1];
  const action = cell('action');
  if (
    !action ||
    action.words === '' ||
    [cell('done'), cell('when')].some((c) => DONE.has(fold(c?.words ?? '')))
  )
    return [];
  const item = itemAt(text, action, dates, language, '');
  const owner = cell('owner');
  const when = cell('when');
  const named = owner && /\p{L}/u.test(owner.words) ? owner : undefined;
  return [
    {
      ...item,
      due: (when && dateIn(when, dates)) ?? item.due,
      owner: named?.words ?? item.owner,
      ownerPlace: named ? { start: named.start, end: named.end } : item.ownerPlace,
    },
  ];
}
