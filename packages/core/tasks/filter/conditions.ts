import { z } from 'zod';
import { fold, hasWords } from '../../languages/index.ts';
import { gapsIn, requirementsOf } from '../gaps.ts';
import { nameKey } from '../name.ts';
import { findPerson } from '../person.ts';
import { orList, quoted } from '../sayList.ts';
import { isDone } from '../task.ts';
import { wordsOfValue, type Value } from '../value.ts';
import type { FilterContext, FilterNames } from './context.ts';
import { instantsOf, isWithin, plusDays, weekOf, type DayRange } from './days.ts';
import { isInstant, labelOfField, requiredField } from './fields.ts';
import { valueIn, type FilterableTask } from './subject.ts';

type Holds = (task: FilterableTask) => boolean;

interface ConditionWork<C> {
  /** For the menu of kinds. */
  label: string;
  /** In words behind “tasks where”. */
  say: (condition: C, names: FilterNames) => string;
  /** Worked out once for all tasks. */
  compile: (condition: C, context: FilterContext) => Holds;
}

function kind<S extends z.ZodType>(schema: S, work: ConditionWork<z.infer<S>>) {
  return { schema, ...work };
}

const MOST_VALUES = 200;
const field = z.string().min(1).max(200);
const day = z.iso.date('A day, as in 2026-12-24.');
const values = z.array(z.string().trim().min(1)).min(1, 'Choose a value.').max(MOST_VALUES);
const unit = z.enum(['days', 'working days']);

/** Values of these are ids or fixed words. */
export const isExact = (name: string) =>
  name === 'project' || name === 'rule' || name === 'status' || name === 'priority';

/** A value as it is compared: in any case, with or without accents. */
export const comparable = (value: string) => fold(value.trim());

/** Whether a value is one of those, which are made comparable already. */
export function isOneOf(value: Value, wanted: ReadonlySet<string>): boolean {
  const parts = Array.isArray(value) ? value : [wordsOfValue(value)];
  return parts.some((part) => wanted.has(comparable(part)));
}

/** Whether a value has one of the words or phrases. */
export function wordTest(words: readonly string[]): (value: Value) => boolean {
  const tests = words.map((each) => hasWords(each));
  return (value) => {
    const folded = fold(wordsOfValue(value));
    return tests.some((test) => test(folded));
  };
}

const is = kind(z.strictObject({ kind: z.literal('is'), field, values }), {
  label: 'is',
  say: (c, names) =>
    `${labelOfField(c.field)} is ${orList(c.values.map((value) => names.value(c.field, value)))}`,
  compile: (c) => {
    const exact = new Set(c.values);
    const wanted = new Set(c.values.map(comparable));
    return (task) => {
      const value = valueIn(task, c.field);
      if (value === null) return false;
      return isExact(c.field) ? exact.has(wordsOfValue(value)) : isOneOf(value, wanted);
    };
  },
});

const words = kind(z.strictObject({ kind: z.literal('words'), field, words: values }), {
  label: 'has the words',
  say: (c) => `${labelOfField(c.field)} has ${quoted(c.words)}`,
  compile: (c) => {
    const test = wordTest(c.words);
    return (task) => {
      const value = valueIn(task, c.field);
      return value !== null && test(value);
    };
  },
});

const empty = kind(z.strictObject({ kind: z.literal('empty'), field }), {
  label: 'is empty',
  say: (c) => `${labelOfField(c.field)} is empty`,
  compile: (c) => (task) => valueIn(task, c.field) === null,
});

const set = kind(z.strictObject({ kind: z.literal('set'), field }), {
  label: 'is filled',
  say: (c) => `${labelOfField(c.field)} is filled`,
  compile: (c) => (task) => valueIn(task, c.field) !== null,
});

interface DayWork<C extends { field: string }> extends Pick<ConditionWork<C>, 'label' | 'say'> {
  range: (condition: C, context: FilterContext) => DayRange;
}

/** Conditions on a day differ in the range that it lies in. */
function dayKind<S extends z.ZodType<{ field: string }>>(schema: S, { range, ...says }: DayWork<z.infer<S>>) {
  return {
    range,
    ...kind(schema, {
      ...says,
      compile: (c, context) => {
        const days = range(c, context);
        const moments = instantsOf(days, context.zone);
        const test = isInstant(c.field)
          ? (at: string) =>
              (moments.from === null || at >= moments.from) && (moments.to === null || at < moments.to)
          : (at: string) => isWithin(at, days);
        return (task) => {
          const value = valueIn(task, c.field);
          return Array.isArray(value) ? value.some(test) : typeof value === 'string' && test(value);
        };
      },
    }),
  };
}

const before = dayKind(z.strictObject({ kind: z.literal('before'), field, day }), {
  label: 'is before',
  say: (c, names) => `${labelOfField(c.field)} is before ${names.day(c.day)}`,
  range: (c, { calendar }) => ({ from: null, to: plusDays(c.day, -1, 'days', calendar) }),
});

const after = dayKind(z.strictObject({ kind: z.literal('after'), field, day }), {
  label: 'is after',
  say: (c, names) => `${labelOfField(c.field)} is after ${names.day(c.day)}`,
  range: (c, { calendar }) => ({ from: plusDays(c.day, 1, 'days', calendar), to: null }),
});

const on = dayKind(z.strictObject({ kind: z.literal('on'), field, day }), {
  label: 'is on',
  say: (c, names) => `${labelOfField(c.field)} is on ${names.day(c.day)}`,
  range: (c) => ({ from: c.day, to: c.day }),
});

/** “due date is in the next 14 days”; of no days, it is today. */
const count = z.number().int().min(0).max(3660);
const sayCount = (n: number, of: string) => (n === 1 ? of.replace(/s$/, '') : `${String(n)} ${of}`);

const next = dayKind(z.strictObject({ kind: z.literal('next'), field, count, unit }), {
  label: 'is in the next …',
  say: (c) =>
    c.count === 0
      ? `${labelOfField(c.field)} is today`
      : `${labelOfField(c.field)} is in the next ${sayCount(c.count, c.unit)}`,
  range: (c, { today, calendar }) => ({ from: today, to: plusDays(today, c.count, c.unit, calendar) }),
});

const last = dayKind(z.strictObject({ kind: z.literal('last'), field, count, unit }), {
  label: 'is in the last …',
  say: (c) =>
    c.count === 0
      ? `${labelOfField(c.field)} is today`
      : `${labelOfField(c.field)} is in the last ${sayCount(c.count, c.unit)}`,
  range: (c, { today, calendar }) => ({ from: plusDays(today, -c.count, c.unit, calendar), to: today }),
});

const thisWeek = dayKind(z.strictObject({ kind: z.literal('thisWeek'), field }), {
  label: 'is in this week',
  say: (c) => `${labelOfField(c.field)} is in this week`,
  range: (_, { today }) => weekOf(today),
});

const overdue = kind(z.strictObject({ kind: z.literal('overdue') }), {
  label: 'overdue',
  say: () => 'overdue',
  compile:
    (_, { today }) =>
    ({ due, status }) =>
      due !== null && due.slice(0, 10) < today && !isDone(status),
});

const gap = kind(z.strictObject({ kind: z.literal('gap'), field: field.nullable() }), {
  label: 'has a gap',
  say: (c) => (c.field === null ? 'has a gap' : `lacks ${labelOfField(c.field)}`),
  compile:
    (c, { requirements }) =>
    (task) =>
      gapsIn(
        requirementsOf(task.project, requirements),
        (name) => valueIn(task, requiredField(name)) !== null,
      ).some((fields) => c.field === null || fields.some((name) => requiredField(name) === c.field)),
});

const source = kind(z.strictObject({ kind: z.literal('source'), values }), {
  label: 'came by (kind of way in)',
  say: (c, names) => `came by ${orList(c.values.map((value) => names.value('source', value)))}`,
  compile: (c) => (task) => c.values.includes(task.source),
});

const address = kind(
  z.strictObject({ kind: z.literal('address'), addresses: z.array(z.number().int()).min(1) }),
  {
    label: 'came by (address or mailbox)',
    say: (c, names) => `came by ${orList(c.addresses.map((id) => names.value('address', String(id))))}`,
    compile: (c) => (task) => c.addresses.includes(task.address),
  },
);

const label = kind(z.strictObject({ kind: z.literal('label'), labels: values }), {
  label: 'its mail had the label',
  say: (c) => `labelled ${quoted(c.labels)}`,
  compile: (c) => {
    const wanted = new Set(c.labels.map(comparable));
    return (task) => task.labels.some((each) => wanted.has(comparable(each)));
  },
});

const unclaimed = kind(z.strictObject({ kind: z.literal('unclaimed') }), {
  label: 'unclaimed',
  say: () => 'unclaimed',
  compile: () => (task) => task.isUnclaimed,
});

/** What mail a person writes under: his name and addresses, comparable. */
export function namesOf(words: string, { people }: Pick<FilterContext, 'people'>): ReadonlySet<string> {
  const person = findPerson(people, words);
  const all = person ? [person.name, ...person.addresses] : [words];
  return new Set(all.map(nameKey));
}

const askedBy = kind(z.strictObject({ kind: z.literal('askedBy'), people: values }), {
  label: 'asked by',
  say: (c) => `asked by ${orList(c.people)}`,
  compile: (c, context) => {
    const known = new Set(c.people.flatMap((each) => [...namesOf(each, context)]));
    return ({ asks }) => known.has(nameKey(asks.name)) || known.has(nameKey(asks.address));
  },
});

const corrected = kind(z.strictObject({ kind: z.literal('corrected') }), {
  label: 'corrected by hand',
  say: () => 'corrected by hand',
  compile: () => (task) => task.isCorrected,
});

const attachments = kind(z.strictObject({ kind: z.literal('attachments') }), {
  label: 'has attachments',
  say: () => 'has attachments',
  compile: () => (task) => task.hasAttachments,
});

const proposals = kind(z.strictObject({ kind: z.literal('proposals') }), {
  label: 'has open proposals',
  say: () => 'has open proposals',
  compile: () => (task) => task.hasProposals,
});

/** Every kind of condition on tasks; the server has an SQL of each. */
export const TASK_CONDITIONS = {
  is, words, empty, set, before, after, on, next, last, thisWeek, overdue, gap, source, address, label, unclaimed,
  askedBy, corrected, attachments, proposals,
}; // prettier-ignore

/** The kinds that ask for a day, with the range that it has to lie in. */
export const DAY_CONDITIONS = { before, after, on, next, last, thisWeek };
