import { ownField, TaskFilter, type Value } from '@hatband/core/tasks';
import fc from 'fast-check';

/** Tasks and filters of every kind, with words that only folding makes equal and names that need quoting. */
const OWN = ['Object no.', 'Insured "value"', "Lender's name?", 'Weight', 'Needed on'];
export const PROJECTS = ['loans', 'visits'];
const PEOPLE = ['Orla Penhale', 'Zoë Brandt'];
const WORDS = ['sextant', 'SÉXTANT', 'crate no. 4', 'by Friday', 'SQ-0242', 'loan', '2026-12-03', ''];

const word = fc.constantFrom(...WORDS);
/** No choice and no tag is without words. */
const filled = word.filter((each) => each !== '');
const day = fc.constantFrom('2026-11-23', '2026-11-24', '2026-11-30', '2026-12-03', '2026-12-24');
const time = fc.constantFrom('', 'T09:30', 'T23:59');
const localDay = fc.tuple(day, time).map(([d, t]) => d + t);
const instant = fc.constantFrom(
  '2026-11-23T23:30:00.000Z',
  '2026-11-24T00:00:00.000Z',
  '2026-11-24T10:00:00.000Z',
  '2026-11-30T12:00:00.000Z',
);
const value: fc.Arbitrary<Value> = fc.oneof(
  word,
  localDay,
  fc.integer({ min: -3, max: 3 }),
  fc.boolean(),
  fc.record({ amount: fc.constantFrom(5200, 12.5), currency: fc.constantFrom('GBP', 'EUR', null) }),
  fc.array(filled, { maxLength: 2 }),
);
export const madeTask = fc.record({
  title: word,
  due: fc.option(localDay),
  start: fc.option(localDay),
  priority: fc.option(fc.constantFrom('high', 'medium', 'low')),
  project: fc.option(fc.constantFrom(...PROJECTS)),
  section: fc.option(word),
  assignee: fc.option(fc.constantFrom(...PEOPLE, '')),
  tags: fc.array(filled, { maxLength: 2 }),
  notes: word,
  reminders: fc.array(localDay, { maxLength: 2 }),
  effort: fc.option(fc.constantFrom('PT1H30M', 'P1D')),
  status: fc.constantFrom('needs action', 'in process', 'completed', 'cancelled'),
  fields: fc.dictionary(fc.constantFrom(...OWN), value, { maxKeys: 4 }),
  asks: fc.constantFrom(
    { name: 'Orla Penhale', address: 'orla@northcape.example' },
    { name: '', address: 'zoe@kogge.example' },
    { name: '', address: '' },
  ),
  source: fc.constantFrom('smtp', 'mailbox', 'practice'),
  labels: fc.array(fc.constantFrom('to do', 'Loans'), { maxLength: 2 }),
  isUnclaimed: fc.boolean(),
  isCorrected: fc.boolean(),
  hasAttachments: fc.boolean(),
  hasProposals: fc.boolean(),
  waitingFor: fc.constantFrom(null, 'Orla Penhale', 'zoe@kogge.example'),
  created: instant,
});

const BUILT_IN = [
  'title',
  'due',
  'start',
  'deadline',
  'reminders',
  'priority',
  'project',
  'section',
  'assignee',
  'tags',
  'notes',
  'effort',
  'status',
  'rule',
  'asks',
  'created',
  'changed',
  'completed',
];
export const field = fc.constantFrom(...BUILT_IN, ...OWN.map(ownField), 'gone');
const some = fc.array(
  fc.constantFrom(
    ...WORDS.filter(Boolean),
    ...PROJECTS,
    ...PEOPLE,
    'high',
    'completed',
    'yes',
    '3',
    'GBP 5200.00',
  ),
  { minLength: 1, maxLength: 3 },
);
const unit = fc.constantFrom('days', 'working days');
const count = fc.integer({ min: 0, max: 12 });
const condition = fc.oneof(
  fc.record({ kind: fc.constant('is'), field, values: some }),
  fc.record({ kind: fc.constant('words'), field, words: some }),
  fc.record({ kind: fc.constantFrom('empty', 'set', 'thisWeek'), field }),
  fc.record({ kind: fc.constantFrom('before', 'after', 'on'), field, day }),
  fc.record({ kind: fc.constantFrom('next', 'last'), field, count, unit }),
  fc.record({ kind: fc.constantFrom('overdue', 'unclaimed', 'corrected', 'attachments', 'proposals') }),
  fc.record({ kind: fc.constant('gap'), field: fc.option(field) }),
  fc.record({
    kind: fc.constant('source'),
    values: fc.array(fc.constantFrom('smtp', 'mailbox'), { minLength: 1 }),
  }),
  fc.record({
    kind: fc.constant('address'),
    addresses: fc.array(fc.integer({ min: 1, max: 3 }), { minLength: 1, maxLength: 2 }),
  }),
  fc.record({
    kind: fc.constant('label'),
    labels: fc.array(fc.constantFrom('To Do', 'loans'), { minLength: 1, maxLength: 2 }),
  }),
  fc.record({
    kind: fc.constant('askedBy'),
    people: fc.array(fc.constantFrom(...PEOPLE, 'orla@northcape.example'), { minLength: 1, maxLength: 2 }),
  }),
);
const { filter: nested } = fc.letrec<{ filter: unknown; list: unknown[] }>((tie) => ({
  filter: fc.oneof(
    { maxDepth: 3, depthSize: 'small' },
    condition,
    tie('list').map((all) => ({ all })),
    tie('list').map((any) => ({ any })),
    tie('list').map((none) => ({ none })),
  ),
  list: fc.array(tie('filter'), { maxLength: 3 }),
}));
export const filter = nested.map((each) => TaskFilter.parse(each));

export type Made = typeof madeTask extends fc.Arbitrary<infer T> ? T : never;
