import type { Knex } from 'knex';
import { z } from 'zod';

/** Rules that say more, and what they name; the tasks they fill. Old rules are written in the new form. */
export async function up(db: Knex): Promise<void> {
  await db.schema.alterTable('projects', (t) => {
    t.text('description').notNullable().defaultTo('');
    for (const list of ['sections', 'fields', 'requirements']) t.text(list).notNullable().defaultTo('[]');
    t.integer('revision').notNullable().defaultTo(1);
    t.text('deleted_at');
  });
  await db.raw('DROP INDEX projects_name_unique');
  await db.raw('CREATE UNIQUE INDEX projects_name ON projects (lower(name)) WHERE deleted_at IS NULL');
  await db.schema.createTable('named', (t) => {
    t.text('id').primary();
    t.text('kind').notNullable();
    t.text('name').notNullable();
    t.text('body').notNullable();
    t.integer('revision').notNullable().defaultTo(1);
  });
  await db.raw('CREATE UNIQUE INDEX named_name ON named (kind, lower(name))');
  await db.schema.createTable('settings', (t) => {
    t.text('key').primary();
    t.text('value').notNullable();
  });
  await db.schema.alterTable('tasks', (t) => {
    for (const text of ['start', 'deadline', 'section', 'assignee', 'effort']) t.text(text);
    for (const list of ['tags', 'reminders', 'checklist']) t.text(list).notNullable().defaultTo('[]');
    t.text('notes').notNullable().defaultTo('');
    t.text('own_fields').notNullable().defaultTo('{}');
    t.float('place').notNullable().defaultTo(0);
  });
  await db.raw('UPDATE tasks SET place = id');
  await db.schema.createTable('task_references', (t) => {
    t.integer('task_id').notNullable().references('tasks.id');
    t.text('reference').notNullable();
    t.primary(['reference', 'task_id']);
  });
  await db.schema.createTable('comments', (t) => {
    t.increments('id');
    t.integer('task_id').notNullable().references('tasks.id');
    t.integer('arrival_id').references('arrivals.id');
    t.text('rule_id');
    t.integer('version');
    t.text('text').notNullable();
    t.text('evidence');
    t.text('created_at').notNullable();
    t.index(['task_id', 'id']);
    t.index(['arrival_id']);
  });
  await db.schema.alterTable('arrivals', (t) => {
    t.integer('thread_id');
    t.text('held').notNullable().defaultTo('[]');
    t.text('effects').notNullable().defaultTo('[]');
    t.index(['thread_id']);
  });
  await db.schema.createTable('thread_messages', (t) => {
    t.text('message_ref').primary();
    t.integer('thread_id').notNullable();
  });
  await db.schema.createTable('arrival_rules', (t) => {
    t.integer('arrival_id').notNullable().references('arrivals.id');
    t.text('rule_id').notNullable();
    t.text('received_at').notNullable();
    t.primary(['arrival_id', 'rule_id']);
    t.index(['rule_id', 'received_at']);
  });
  await db.raw(
    'INSERT INTO arrival_rules (arrival_id, rule_id, received_at) SELECT id, rule_id, received_at FROM arrivals WHERE rule_id IS NOT NULL',
  );
  // A trace is worked out anew from the stored reading when somebody looks.
  await db('arrivals').update({ trace: null });
  await rewriteRules(db);
  await rewriteEvidence(db);
}

const OldTarget = z.object({ kind: z.string(), id: z.string().optional() });
const OldCondition = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('arrivedAt'), targets: z.array(OldTarget) }),
  z.object({ kind: z.literal('senderIs'), anyOf: z.array(z.string()) }),
  z.object({ kind: z.literal('subjectContains'), anyOf: z.array(z.string()) }),
]);
const OldReading = z.looseObject({
  id: z.string(),
  kind: z.string(),
  labels: z.array(z.string()).optional(),
});
const OldRule = z.object({
  name: z.string(),
  description: z.string(),
  band: z.unknown(),
  when: z.object({ all: z.array(OldCondition) }),
  read: z.array(
    z.object({
      field: z.string(),
      readings: z.array(OldReading),
      otherwise: z.object({ value: z.string() }).nullable(),
    }),
  ),
  route: z.object({ project: z.object({ kind: z.string(), id: z.string().optional() }) }),
});

/** The new word for each old kind of reading. */
const READING_KINDS: Readonly<Record<string, string>> = {
  requestTitle: 'title',
  cleanedSubject: 'subject',
  deadlinePhrase: 'deadline',
  statedPriority: 'priority',
  labelledLine: 'pair',
  fixedValue: 'fixed',
  item: 'title',
};

async function rewriteRules(db: Knex): Promise<void> {
  const names = new Map((await db('projects').select('id', 'name')).map((row) => [row.id, row.name]));
  const rewritten = (json: string) => JSON.stringify(newRule(OldRule.parse(JSON.parse(json)), names));
  for (const { id, draft } of await db('rules').whereNotNull('draft'))
    await db('rules')
      .where({ id })
      .update({ draft: draft === null ? null : rewritten(draft) });
  await db.raw('DROP TRIGGER rule_versions_no_update');
  for (const { rule_id, version, definition } of await db('rule_versions'))
    await db('rule_versions')
      .where({ rule_id, version })
      .update({ definition: rewritten(definition) });
  await db.raw(
    "CREATE TRIGGER rule_versions_no_update BEFORE UPDATE ON rule_versions BEGIN SELECT RAISE(ABORT, 'rule_versions is append-only'); END",
  );
}

function newRule(
  { name, description, band, when, read, route }: z.infer<typeof OldRule>,
  names: ReadonlyMap<string, string>,
) {
  const projectNamed = (id: string | undefined) => names.get(id ?? '') ?? 'a project that is gone';
  const { project } = route;
  return {
    name,
    description,
    band,
    start: { kind: 'arrival' },
    when: { all: when.all.map((condition) => newCondition(condition, projectNamed)) },
    read: read.map(({ field, readings, otherwise }) => ({
      field,
      kind: null,
      choices: [],
      from: readings.map(({ kind, ...rest }) => ({ ...rest, tidy: [], kind: READING_KINDS[kind] ?? kind })),
      otherwise: otherwise?.value ?? null,
      unknown: 'otherwise',
    })),
    makes: { kind: 'task' },
    route: [
      {
        project:
          project.kind === 'named'
            ? projectNamed(project.id)
            : project.kind === 'none'
              ? null
              : { of: 'address' },
      },
    ],
    then: 'stop',
    effects: [],
  };
}

function newCondition(
  condition: z.infer<typeof OldCondition>,
  projectNamed: (id: string | undefined) => string,
) {
  switch (condition.kind) {
    case 'arrivedAt':
      return {
        kind: 'address',
        is: condition.targets.map(({ kind, id }) => (kind === 'inbox' ? 'Inbox' : projectNamed(id))),
      };
    case 'senderIs':
      return { kind: 'sender', is: condition.anyOf };
    case 'subjectContains':
      return {
        kind: 'words',
        in: ['subject'],
        how: 'contain',
        words: condition.anyOf.map((words) => `${words}*`),
      };
  }
}

const OldEvidence = z.record(z.string(), z.looseObject({ readingKind: z.string() }));

async function rewriteEvidence(db: Knex): Promise<void> {
  for (const { id, evidence } of await db('tasks').select('id', 'evidence')) {
    const fields = Object.entries(OldEvidence.parse(JSON.parse(evidence)));
    const rewritten = fields.map(([field, each]) => [
      field,
      { ...each, readingKind: READING_KINDS[each.readingKind] ?? each.readingKind },
    ]);
    await db('tasks')
      .where({ id })
      .update({ evidence: JSON.stringify(Object.fromEntries(rewritten)) });
  }
}
