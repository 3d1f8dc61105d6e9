import { ownField, type TaskView } from '@hatband/core/tasks';
import type { Store } from '../../packages/server/src/store/index.ts';

export const TASKS = 50_000;

const LENDERS = [
  'Northcape Collections',
  'Harrow Trust',
  'Kogge-Archiv',
  'Musée des Phares',
  'Studio Pelikan',
];
const THINGS = [
  'loan form',
  'condition report',
  'crate dimensions',
  'label text',
  'courier papers',
  'sextant',
  'tide gauge',
  'invoice',
];
const DEEDS = ['Return the', 'Check the', 'Send the', 'Sign the', 'Translate the', 'Photograph the'];

const LETTER =
  'Could you have a look at it before the committee meets, and tell the lender what is missing? The courier comes in the morning.';

const at = <T>(list: readonly T[], n: number): T => {
  const one = list[n % list.length];
  if (one === undefined) throw new Error('An empty list.');
  return one;
};
const day = (n: number) => new Date(Date.UTC(2026, 8, 1) + n * 86_400_000).toISOString().slice(0, 10);

/** 50,000 messages with a task each, as of two years' use: a fifth of them open, in four projects with fields of their own. */
export async function layWorld(store: Store): Promise<void> {
  const fields = JSON.stringify([
    { name: 'Lender', kind: 'choice', choices: LENDERS },
    { name: 'Object no.', kind: 'text' },
    { name: 'Insured value', kind: 'money' },
  ]);
  await store.write(async (trx) => {
    for (const name of ['Loans in', 'Exhibitions', 'Facilities', 'Visits'])
      await trx('projects').insert({
        id: name,
        name,
        created_at: day(0),
        fields,
        requirements: '[["due"],["Object no."]]',
      });
    await trx('messages').insert({ id: 1, sha256: Buffer.from('one'), size: 1000 });
  });
  const { id: address_id } = (await store.read('addresses').first('id')) ?? { id: 1 };
  await store.writeRaw((db) => {
    const arrival = db.prepare(
      `INSERT INTO arrivals (id, message_id, address_id, source, envelope_from, received_at, trigger, state, subject, from_name,
        from_address, asks_name, asks_address, outcome_kind, attempts, attachment_names)
       VALUES (?, 1, ?, 'smtp', 'orla@northcape.example', ?, ?, 'applied', ?, ?, 'orla@northcape.example', ?, 'orla@northcape.example', 'tasks', 1, '[]')`,
    );
    const task = db.prepare(
      `INSERT INTO tasks (id, arrival_id, rule_id, item_key, title, due, priority, project_id, status, evidence, created_at, notes, own_fields, effort, tags, place, completed_at)
       VALUES (?, ?, 'built-in', 'message', ?, ?, ?, ?, ?, '{}', ?, ?, ?, ?, ?, ?, ?)`,
    );
    const searched = db.prepare(
      'INSERT INTO message_search (rowid, subject, people, text, attachments) VALUES (?, ?, ?, ?, ?)',
    );
    const change = db.prepare(
      `INSERT INTO task_changes (task_id, field, old, new, actor, run, at) VALUES (?, 'title', NULL, ?, ?, 'r', ?)`,
    );
    db.transaction(() => {
      for (let n = 1; n <= TASKS; n += 1) {
        const title = `${at(DEEDS, n)} ${at(THINGS, n * 7)} no. ${String(n)}`;
        const received = `${day(n % 400)}T09:00:00.000Z`;
        const open = n % 5 === 0;
        const own = {
          Lender: at(LENDERS, n * 3),
          ...(n % 3 === 0 ? {} : { 'Object no.': `SQ-${String(n % 900).padStart(4, '0')}` }),
          'Insured value': { amount: (n % 50) * 100, currency: n % 2 === 0 ? 'GBP' : 'EUR' },
        };
        arrival.run(n, address_id, received, String(n), `Fwd: ${title}`, at(LENDERS, n), at(LENDERS, n));
        task.run(
          n, n, title, n % 7 === 0 ? null : day((n % 500) + 30), at(['high', 'medium', 'low', null], n),
          at(['Loans in', 'Exhibitions', 'Facilities', 'Visits', null], n >> 3), open ? 'needs action' : 'completed', received,
          'Could you have a look at it before the committee meets, and tell the lender?', JSON.stringify(own),
          at(['PT30M', 'PT1H30M', null], n), n % 4 === 0 ? '["courier"]' : '[]', n, open ? null : received,
        ); // prettier-ignore
        searched.run(n, `Fwd: ${title}`, at(LENDERS, n), `Dear Ines, ${title.toLowerCase()}. ${LETTER}`, '');
        change.run(n, title, n % 20 === 0 ? 'user' : 'rule', received);
      }
    })();
  });
}

const columns = ['due', 'project', 'priority', 'asks', 'effort', ownField('Insured value')].map((field) => ({
  field,
  width: null,
}));

/** Views as one would use: all that is open; a nested filter; and one that is grouped by a field of a project's own. */
export const VIEWS: Record<string, TaskView> = {
  'all tasks, by due date': { scope: 'all', filter: { all: [] }, sort: [{ field: 'due', descending: false }], group: null, columns },
  'a nested filter': {
    scope: 'open',
    filter: {
      all: [
        { kind: 'is', field: 'project', values: ['Loans in', 'Exhibitions'] },
        { any: [{ kind: 'next', field: 'due', count: 14, unit: 'working days' }, { kind: 'overdue' }, { kind: 'gap', field: null }] },
        { any: [{ kind: 'words', field: 'title', words: ['sextant', 'crate'] }, { none: [{ kind: 'is', field: ownField('Lender'), values: ['Harrow Trust'] }] }] },
      ],
    },
    sort: [{ field: 'priority', descending: false }, { field: 'due', descending: true }],
    group: null,
    columns,
  },
  'open tasks by lender': { scope: 'open', filter: { all: [] }, sort: [{ field: 'due', descending: false }], group: ownField('Lender'), columns },
}; // prettier-ignore
