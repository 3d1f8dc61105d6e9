import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { wrap, type Wrapped } from './shapes.ts';

/** A labelled message. Stems are folded beginnings of words; alternatives stand apart by a slash. */
export interface Case extends Wrapped {
  id: string;
  language: string;
  trade: string;
  shape: string;
  due: string | null;
  title: string[][];
  priority: string | null;
  /** Null where the message is one task. */
  items: { title: string[][]; due: string | null; owner: string | null }[] | null;
  /** Null where the message was not labelled for pairs. */
  pairs: Pair[] | null;
}

export interface Pair {
  label: string;
  value: string;
}

export interface Entry {
  language: string;
  trade: string;
  subject: string;
  note: string | null;
  body: string[];
  fields: Map<string, string[]>;
}

/** The records of one half, each in the layout that its place in the file gives it. */
export function readCases(half: 'tuning' | 'aside'): Case[] {
  const folder = path.join(import.meta.dirname, half);
  return readdirSync(folder)
    .filter((file) => file.endsWith('.txt'))
    .toSorted()
    .flatMap((file) => {
      const language = file.slice(0, 2);
      const records = readFileSync(path.join(folder, file), 'utf8')
        .split(/^# /m)
        .slice(1)
        .map((text) => parse(text, language));
      return records.map((record, i) => caseOf(record, i, half));
    });
}

/** `# trade`, then S subject, N note, D due, T title, P priority, I an item `title|due|owner`, F a pair `label | value`, then the text. */
function parse(text: string, language: string): Entry {
  const [trade = '', ...lines] = text.trimEnd().split('\n');
  const fields = new Map<string, string[]>();
  let at = 0;
  for (let found = field(lines[at]); found; found = field(lines[(at += 1)])) {
    fields.set(found[0], [...(fields.get(found[0]) ?? []), found[1]]);
  }
  return {
    language,
    trade: trade.trim(),
    subject: fields.get('S')?.[0] ?? '',
    note: fields.get('N')?.join('\n') ?? null,
    body: lines.slice(at),
    fields,
  };
}

function field(line: string | undefined): [string, string] | null {
  const found = /^([SNDTPIF]): ?(.*)$/.exec(line ?? '');
  return found ? [found[1] ?? '', found[2] ?? ''] : null;
}

const none = (value: string | undefined) =>
  value === undefined || value === '-' || value === '' ? null : value;
const stems = (value: string | null) =>
  (value ?? '')
    .split(/\s+/)
    .filter(Boolean)
    .map((word) => word.split('/'));

function caseOf(record: Entry, index: number, half: string): Case {
  const one = (name: string) => none(record.fields.get(name)?.[0]);
  const items = record.fields.get('I')?.map((line) => {
    const [title = '', due, owner] = line.split('|');
    return { title: stems(title), due: none(due), owner: none(owner) };
  });
  const pairs = record.fields.get('F')?.map((line) => {
    const [label = '', value = ''] = line.split(' | ');
    return { label, value };
  });
  const wrapped = wrap(record, index, half === 'aside');
  return {
    ...wrapped,
    id: `${record.language}-${String(index + 1).padStart(2, '0')}`,
    language: record.language,
    trade: record.trade,
    due: one('D'),
    title: stems(one('T')),
    priority: one('P'),
    items: items ?? null,
    pairs: pairs ?? null,
  };
}
