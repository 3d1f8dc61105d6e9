import type { Arrival, ArrivalSheet, Health, Rule, Task } from '@hatband/contract';
import { read } from '@hatband/core/reading';
import { blankTask } from '../src/tasks/blankTask.ts';
import { Delivery, KnownTasks, RuleDefinition, type RuleInput } from '@hatband/core/rules';

/** A task as the server answers it, with what is said otherwise. */
export const task = (more: Partial<Task> = {}): Task => ({
  ...blankTask,
  id: 7,
  arrivalId: 3,
  ruleId: 'r1',
  title: 'Return the loan form',
  due: '2026-12-03',
  project: { id: 'p1', name: 'Loans in' },
  revision: 2,
  createdAt: '2026-11-24T14:10:00Z',
  changedAt: '2026-11-24T14:10:00Z',
  source: { subject: 'Loan form', from: 'Orla Penhale' },
  ...more,
});

/** A rule as the server answers it. */
export const rule = (definition: RuleInput, more: Partial<Rule> = {}): Rule => ({
  id: definition.name,
  state: 'live',
  version: 1,
  live: RuleDefinition.parse(definition),
  draft: null,
  takenIn30Days: 0,
  lastTakenAt: null,
  deleted: false,
  problems: [],
  revision: 1,
  ...more,
});

/** A message in the Ledger as the server answers it. */
export const arrival = (more: Partial<Arrival> = {}): Arrival => ({
  id: 3,
  receivedAt: '2026-11-24T09:05:00Z',
  source: 'smtp',
  occasion: 'arrival',
  label: null,
  from: { name: 'Ines', address: 'ines@quay.example' },
  asks: { name: 'Orla Penhale', address: 'orla@cape.example' },
  subject: 'Loan form',
  outcome: { kind: 'tasks', taskIds: [7], ruleId: 'r1', held: [], gate: null },
  deliveries: 1,
  tasks: [
    {
      id: 7,
      title: 'Return the loan form',
      due: '2026-12-03',
      priority: 'high',
      status: 'needs action',
      project: { id: 'p1', name: 'Loans in' },
    },
  ],
  ...more,
});

/** Messages of these subjects to prove rules on, all with one deadline. */
export const samples = (subjects: readonly string[]) =>
  Promise.all(
    subjects.map(async (subject, i) => ({
      id: i + 1,
      receivedAt: '2026-11-24T14:00:00Z',
      incoming: {
        reading: await read(
          new TextEncoder().encode(
            `From: o@cape.example\nSubject: ${subject}\n\nPlease answer by 3 December.`,
          ),
          { me: [], zone: 'UTC', dateOrder: 'DMY' },
          '2026-11-24T14:00:00Z',
        ),
        delivery: Delivery.parse({ at: '2026-11-24T14:00' }),
        tasks: KnownTasks.parse({}),
      },
    })),
  );

/** A rule at work, known by its name. */
export const version = (definition: RuleInput) => ({
  ruleId: definition.name,
  version: 1,
  definition: RuleDefinition.parse(definition),
});

/** The server's clock, a Tuesday, with nothing to read. */
export const health: Health = {
  queueDepth: 0,
  oldestAgeSeconds: null,
  failed: 0,
  readerVersion: 1,
  lastArrivalAt: null,
  smtpHost: '127.0.0.1',
  smtpPort: 2525,
  now: '2026-11-24T14:10:00Z',
  zone: 'Europe/London',
};

/** A message on its sheet, before it was read. */
export const arrivalSheet: ArrivalSheet = {
  arrival: arrival(),
  address: { address: 'inbox@hollow.example', plusWord: null, name: 'Inbox', retired: false },
  envelope: { from: '', size: 900 },
  read: null,
  tasks: [],
  comments: [],
  effects: [],
  remarks: [],
  carriedOut: [],
  before: null,
};
