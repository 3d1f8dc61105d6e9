import { describe, expect, test } from 'vitest';
import { gapsIn } from '../gaps.ts';
import { effortMinutes } from '../kinds.ts';
import { compileFilter, isGroup, partsOf, sayCondition, TaskFilter, withPart } from './filter.ts';
import { dayOfInstant, instantsOf, weekOf } from './days.ts';
import type { FilterContext } from './context.ts';
import type { FilterableTask } from './subject.ts';

const names = {
  value: (field: string, value: string) => (field === 'project' ? 'Loans in' : value),
  day: (iso: string) => `day ${iso}`,
};
const context: FilterContext = {
  today: '2026-11-24',
  zone: 'Europe/London',
  calendar: { workdays: [1, 2, 3, 4, 5], closed: ['2026-11-26'], known: null },
  requirements: { inbox: [['project'], ['due']], projects: new Map([['p1', [['Object no.', 'start']]]]) },
  people: [{ name: 'Orla Penhale', addresses: ['orla@northcape.example'], organisation: null, groups: [] }],
};
const task = (more: Partial<FilterableTask> = {}): FilterableTask => ({
  title: 'Return the loan form', due: '2026-11-27', start: null, deadline: null, priority: 'high', project: 'p1', section: null,
  assignee: null, tags: [], notes: '', reminders: [], fields: {}, status: 'needs action', effort: null, rule: 'r1',
  isUnclaimed: false, asks: { name: 'Orla', address: 'orla@northcape.example' }, created: '2026-11-24T00:30:00.000Z',
  changed: '2026-11-24T00:30:00.000Z', completed: null, source: 'smtp', address: 1, labels: [], isCorrected: false, waitingFor: null,
  hasAttachments: false, hasProposals: false, ...more,
}); // prettier-ignore
const holds = (filter: unknown, more: Partial<FilterableTask> = {}) =>
  compileFilter(TaskFilter.parse(filter), context)(task(more));

describe('a condition', () => {
  test.each([
    ['working days skip closed days', { kind: 'next', field: 'due', count: 2, unit: 'working days' }, {}, true],
    ['and count no further', { kind: 'next', field: 'due', count: 1, unit: 'working days' }, {}, false],
    ['today is no day overdue', { kind: 'overdue' }, { due: '2026-11-24' }, false],
    ['yesterday is', { kind: 'overdue' }, { due: '2026-11-23T10:00' }, true],
    ['what is done is not', { kind: 'overdue' }, { due: '2026-11-23', status: 'completed' }, false],
    ['at least one of several fields', { kind: 'gap', field: null }, { start: '2026-11-24' }, false],
    ['none of them', { kind: 'gap', field: 'own:Object no.' }, {}, true],
    ['a gap in another field', { kind: 'gap', field: 'due' }, { due: null }, false],
    ['the inbox has requirements too', { kind: 'gap', field: 'due' }, { project: null, due: null }, true],
    ['a person by his address', { kind: 'askedBy', people: ['Orla Penhale'] }, {}, true],
    ['words in any case, with or without accents', { kind: 'words', field: 'title', words: ['LOÄN form'] }, {}, true],
    ['whole words', { kind: 'words', field: 'title', words: ['loa'] }, {}, false],
    ['one value of several', { kind: 'is', field: 'tags', values: ['courier'] }, { tags: ['loan', 'Courier'] }, true],
    ['an amount in words', { kind: 'is', field: 'own:Value', values: ['gbp 12.00'] }, { fields: { Value: { amount: 12, currency: 'GBP' } } }, true],
    ['a moment by the day where the user is', { kind: 'on', field: 'created', day: '2026-11-24' }, {}, true],
    ['this week, from Monday', { kind: 'thisWeek', field: 'due' }, { due: '2026-11-23' }, true],
    ['to Sunday', { kind: 'thisWeek', field: 'due' }, { due: '2026-11-30' }, false],
    ['a field that there is not', { kind: 'set', field: 'gone' }, {}, false],
  ])('%s', (_, filter, more, wanted) => {
    expect(holds(filter, more as Partial<FilterableTask>)).toBe(wanted);
  }); // prettier-ignore
});

test('all of nothing holds, any of nothing does not, none of nothing does', () => {
  expect([{ all: [] }, { any: [] }, { none: [] }].map((filter) => holds(filter))).toEqual([
    true,
    false,
    true,
  ]);
});

const nested = TaskFilter.parse({
  all: [
    { kind: 'is', field: 'project', values: ['p1'] },
    { any: [{ kind: 'next', field: 'due', count: 14, unit: 'days' }, { kind: 'overdue' }] },
    { none: [{ kind: 'unclaimed' }, { kind: 'next', field: 'start', count: 1, unit: 'days' }] },
  ],
});

test('a condition is said in words, with names for what it holds by an id', () => {
  const said = partsOf(nested).flatMap(({ part }) => (isGroup(part) ? [] : sayCondition(part, names)));
  expect(said).toEqual([
    'project is Loans in',
    'due date is in the next 14 days',
    'overdue',
    'unclaimed',
    'start date is in the next day',
  ]);
});

test('parts are known by their places, and one is put in another’s', () => {
  expect(partsOf(nested).map(({ path }) => path.join('.'))).toEqual([
    '',
    '0',
    '1',
    '1.0',
    '1.1',
    '2',
    '2.0',
    '2.1',
  ]);
  const without = withPart(withPart(nested, [1, 0], null), [1, 0], null);
  expect(partsOf(without).map(({ path }) => path.join('.'))).toEqual(['', '0', '1', '1.0', '1.1']);
  expect(withPart({ kind: 'overdue' }, [], null)).toEqual({ all: [] });
});

test('days are those where the user is', () => {
  expect(instantsOf({ from: '2026-10-25', to: '2026-10-25' }, 'Europe/Berlin')).toEqual({
    from: '2026-10-24T22:00:00.000Z',
    to: '2026-10-25T23:00:00.000Z',
  });
  expect(dayOfInstant('2026-11-24T23:30:00.000Z', 'Europe/Berlin')).toBe('2026-11-25');
  expect(weekOf('2026-11-29')).toEqual({ from: '2026-11-23', to: '2026-11-29' });
});

test.each([
  ['PT1H30M', 90],
  ['P1D', 480],
  ['P1W', 2400],
  ['P1DT2H', 600],
  ['soon', 0],
])('%s is %i minutes of work', (iso, minutes) => {
  expect(effortMinutes(iso)).toBe(minutes);
});

test('a requirement is met by any of its fields', () => {
  const filled = new Set(['due', 'Lender']);
  expect(gapsIn([['due'], ['Object no.', 'Lender'], ['project']], (field) => filled.has(field))).toEqual([
    ['project'],
  ]);
});
