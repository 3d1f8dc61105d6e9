import type { Knex } from 'knex';

const APPEND_ONLY = ['task_changes', 'rule_versions', 'readings'];

export async function up(db: Knex): Promise<void> {
  await db.schema.createTable('messages', (t) => {
    t.increments('id');
    t.binary('sha256').notNullable().unique();
    t.integer('size').notNullable();
  });
  await db.schema.createTable('message_chunks', (t) => {
    t.integer('message_id').notNullable().references('messages.id').onDelete('CASCADE');
    t.integer('n').notNullable();
    t.binary('bytes').notNullable();
    t.primary(['message_id', 'n']);
  });
  await db.schema.createTable('projects', (t) => {
    t.text('id').primary();
    t.text('name').notNullable().unique();
    t.text('created_at').notNullable();
  });
  await db.schema.createTable('addresses', (t) => {
    t.increments('id');
    t.text('local_part').notNullable().unique();
    t.text('target_kind').notNullable();
    t.text('project_id').references('projects.id');
    t.text('created_at').notNullable();
    t.text('retired_at');
  });
  await db.schema.createTable('readings', (t) => {
    t.increments('id');
    t.integer('message_id').notNullable().references('messages.id');
    t.integer('reader_version').notNullable();
    t.text('context').notNullable();
    t.binary('body').notNullable();
    t.unique(['message_id', 'reader_version', 'context']);
  });
  await db.schema.createTable('arrivals', (t) => {
    t.increments('id');
    t.integer('message_id').notNullable().references('messages.id');
    t.integer('address_id').notNullable().references('addresses.id');
    t.text('plus_word');
    t.text('source').notNullable();
    t.text('envelope_from').notNullable();
    t.text('received_at').notNullable();
    t.integer('deliveries').notNullable().defaultTo(1);
    t.text('state').notNullable().defaultTo('stored');
    t.integer('attempts').notNullable().defaultTo(0);
    t.integer('reading_id').references('readings.id');
    t.text('subject').notNullable().defaultTo('');
    t.text('from_name').notNullable().defaultTo('');
    t.text('from_address').notNullable().defaultTo('');
    t.text('asks_name').notNullable().defaultTo('');
    t.text('asks_address').notNullable().defaultTo('');
    t.text('outcome_kind').notNullable().defaultTo('waiting');
    t.text('outcome_reason');
    t.text('rule_id');
    t.binary('trace');
    t.unique(['message_id', 'address_id']);
    t.index(['outcome_kind', 'id']);
    t.index(['rule_id', 'received_at']);
  });
  await db.raw("CREATE INDEX arrivals_queue ON arrivals (state, id) WHERE state IN ('stored', 'ready')");
  await db.schema.createTable('rules', (t) => {
    t.text('id').primary();
    t.integer('position').notNullable();
    t.text('state').notNullable();
    t.integer('version');
    t.text('draft');
    t.integer('revision').notNullable().defaultTo(1);
    t.text('created_at').notNullable();
    t.text('deleted_at');
  });
  await db.schema.createTable('rule_versions', (t) => {
    t.text('rule_id').notNullable().references('rules.id');
    t.integer('version').notNullable();
    t.text('definition').notNullable();
    t.text('made_at').notNullable();
    t.primary(['rule_id', 'version']);
  });
  await db.schema.createTable('tasks', (t) => {
    t.increments('id');
    t.integer('arrival_id').notNullable().references('arrivals.id');
    t.text('rule_id').notNullable();
    t.text('item_key').notNullable();
    t.text('title').notNullable();
    t.text('due');
    t.text('priority');
    t.text('project_id').references('projects.id');
    t.text('status').notNullable();
    t.text('evidence').notNullable();
    t.integer('revision').notNullable().defaultTo(1);
    t.text('created_at').notNullable();
    t.unique(['arrival_id', 'rule_id', 'item_key']);
    t.index(['status', 'due']);
  });
  await db.schema.createTable('task_changes', (t) => {
    t.increments('id');
    t.integer('task_id').notNullable().references('tasks.id');
    t.text('field').notNullable();
    t.text('old');
    t.text('new');
    t.text('actor').notNullable();
    t.text('run').notNullable();
    t.text('at').notNullable();
    t.index(['task_id', 'field']);
  });
  await db.schema.createTable('outbox', (t) => {
    t.increments('id');
    t.text('idempotency_key').notNullable().unique();
    t.text('kind').notNullable();
    t.text('payload').notNullable();
    t.text('state').notNullable().defaultTo('waiting');
    t.integer('attempts').notNullable().defaultTo(0);
    t.text('next_attempt_at').notNullable();
    t.index(['state', 'next_attempt_at']);
  });
  await db.schema.createTable('events', (t) => {
    t.increments('seq');
    t.text('kind').notNullable();
    t.text('ref').notNullable();
  });
  for (const table of APPEND_ONLY) {
    for (const verb of ['UPDATE', 'DELETE']) {
      await db.raw(
        `CREATE TRIGGER ${table}_no_${verb.toLowerCase()} BEFORE ${verb} ON ${table} BEGIN SELECT RAISE(ABORT, '${table} is append-only'); END`,
      );
    }
  }
}
