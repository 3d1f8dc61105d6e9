import { wordsOf } from '@hatband/core/anatomy';
import { fold } from '@hatband/core/languages';
import { read } from '@hatband/core/reading';
import { evaluateBuiltIn } from '@hatband/core/rules';
import type { Case, Pair } from './corpus.ts';
import { ME } from './shapes.ts';

/** What was read of one message, as far as it is measured. */
export interface Result {
  due: string | null;
  title: string;
  priority: string | null;
  who: string;
  sentAt: string | null;
  note: string;
  latest: string;
  items: { title: string; due: string | null; owner: string | null }[];
  pairs: Pair[];
}

export async function readCase({ bytes }: Case): Promise<Result> {
  const reading = await read(
    bytes,
    { me: [ME], zone: 'Europe/Berlin', dateOrder: 'DMY' },
    '2026-03-11T08:00:00Z',
  );
  const { tasks } = evaluateBuiltIn(reading);
  const { items, pairs } = reading.facts;
  return {
    due: tasks[0]?.fields.due ?? null,
    title: tasks[0]?.fields.title ?? '',
    priority: tasks[0]?.fields.priority ?? null,
    who: reading.anatomy.who?.address ?? '',
    sentAt: reading.anatomy.sentAt,
    note: wordsOf(reading.message.text, reading.anatomy, 'note'),
    latest: wordsOf(reading.message.text, reading.anatomy, 'latest'),
    items: items.map(({ title, due, owner }) => ({ title, due, owner })),
    pairs: pairs.map(({ label, value }) => ({ label, value })),
  };
}

export const plain = (text: string) => text.replace(/[\s|]+/g, ' ').trim();

/** Every stem begins a word of the title. */
function fits(title: string, stems: readonly string[][]): boolean {
  const words = fold(title).split(/[^\p{L}\p{N}]+/u);
  return stems.every((alternatives) =>
    alternatives.some((stem) => words.some((word) => word.startsWith(fold(stem)))),
  );
}

interface Measure {
  /** True, false or, where the message is not asked that, null. */
  holds: (wanted: Case, got: Result) => boolean | null;
  show: (wanted: Case, got: Result) => string;
}

const compare =
  (key: 'due' | 'priority' | 'who' | 'sentAt' | 'note' | 'latest') => (wanted: Case, got: Result) =>
    `${JSON.stringify(wanted[key])} was read as ${JSON.stringify(got[key])}`;

export const MEASURES: Record<string, Measure> = {
  'due exact': { holds: (w, g) => (w.items ? null : g.due === w.due), show: compare('due') },
  'no false due': {
    holds: (w, g) => (w.due === null && !w.items ? g.due === null : null),
    show: compare('due'),
  },
  title: {
    holds: (w, g) => (w.items || w.title.length === 0 ? null : fits(g.title, w.title)),
    show: (w, g) => `${w.title.map((stems) => stems.join('/')).join(' ')} was read as “${g.title}”`,
  },
  priority: { holds: (w, g) => (w.items ? null : g.priority === w.priority), show: compare('priority') },
  who: { holds: (w, g) => g.who === w.who, show: compare('who') },
  'sent date': { holds: (w, g) => g.sentAt === w.sentAt, show: compare('sentAt') },
  note: { holds: (w, g) => plain(g.note) === plain(w.note), show: compare('note') },
  latest: { holds: (w, g) => plain(g.latest) === plain(w.latest), show: compare('latest') },
};

/** True positives, all wanted, all found. */
export interface Count {
  hits: number;
  wanted: number;
  found: number;
}

/** Pairs of messages that are labelled for them. */
export function countPairs(wanted: Case, got: Result): Count {
  const all = wanted.pairs ?? [];
  const hits = all.filter(({ label, value }) =>
    got.pairs.some((pair) => plain(pair.label) === label && plain(pair.value) === value),
  ).length;
  return { hits, wanted: all.length, found: wanted.pairs ? got.pairs.length : 0 };
}

/** Items that fit by title, date and owner. */
export function countItems(wanted: Case, got: Result): Count {
  const all = wanted.items ?? [];
  const hits = all.filter(({ title, due, owner }) =>
    got.items.some((item) => fits(item.title, title) && item.due === due && item.owner === owner),
  ).length;
  return { hits, wanted: all.length, found: got.items.length };
}
