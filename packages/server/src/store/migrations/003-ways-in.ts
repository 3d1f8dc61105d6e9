import type { Knex } from 'knex';

/** Every way in: policies of addresses, watched mailboxes, the practice mailbox, files, task addresses, log-ins. */
export async function up(db: Knex): Promise<void> {
  await addReference(db, 'addresses', 'task_id', 'tasks');
  await db.schema.alterTable('addresses', (t) => {
    t.text('policy').notNullable().defaultTo('{}');
    t.text('plus_word');
    t.text('paused_at');
    t.text('grace_until');
    t.binary('token_hash');
    t.integer('revision').notNullable().defaultTo(1);
  });
  await db.raw(
    'CREATE UNIQUE INDEX addresses_plus_word ON addresses (lower(plus_word)) WHERE retired_at IS NULL',
  );
  await db.schema.createTable('mailboxes', (t) => {
    t.increments('id');
    t.integer('address_id').notNullable().references('addresses.id');
    t.text('kind').notNullable();
    t.text('name').notNullable();
    t.text('settings').notNullable();
    t.binary('secret');
    t.text('paused_at');
    t.text('removed_at');
    t.integer('revision').notNullable().defaultTo(1);
    t.text('created_at').notNullable();
  });
  await addReference(db, 'arrivals', 'mailbox_id', 'mailboxes');
  await addReference(db, 'arrivals', 'same_as', 'arrivals');
  await addReference(db, 'arrivals', 'again_of', 'arrivals');
  await db.schema.alterTable('arrivals', (t) => {
    t.text('occasion').notNullable().defaultTo('arrival');
    t.text('trigger').notNullable().defaultTo('');
    t.text('labels').notNullable().defaultTo('[]');
    t.boolean('flagged').notNullable().defaultTo(false);
    t.text('folder');
    t.integer('uid');
    t.text('uid_validity');
    t.text('gate');
    t.text('gate_words');
    t.text('retry_at');
    t.integer('retries').notNullable().defaultTo(0);
    t.binary('delivery_hash');
    t.binary('origin_hash');
    t.text('origin_sent');
  });
  for (const column of ['delivery_hash', 'origin_hash'])
    await db.raw('CREATE INDEX ?? ON arrivals (??) WHERE ?? IS NOT NULL', [
      `arrivals_${column}`,
      column,
      column,
    ]);
  await db.raw('DROP INDEX arrivals_message_id_address_id_unique');
  await db.raw('CREATE UNIQUE INDEX arrivals_once ON arrivals (message_id, address_id, occasion, trigger)');
  await db.raw('CREATE INDEX arrivals_retry ON arrivals (retry_at) WHERE retry_at IS NOT NULL');
  await addReference(db, 'outbox', 'arrival_id', 'arrivals');
  await db.schema.alterTable('outbox', (t) => {
    t.text('problem');
    t.index(['arrival_id']);
  });
  await db.schema.createTable('turned_away', (t) => {
    t.increments('id');
    t.integer('address_id').notNullable().references('addresses.id');
    t.text('sender').notNullable();
    t.text('what').notNullable();
    t.text('words').notNullable();
    t.integer('times').notNullable().defaultTo(1);
    t.text('last_at').notNullable();
    t.unique(['address_id', 'sender', 'what', 'words']);
  });
  await db.schema.createTable('mailbox_folders', (t) => {
    t.integer('mailbox_id').notNullable().references('mailboxes.id').onDelete('CASCADE');
    t.text('folder').notNullable();
    t.text('uid_validity').notNullable();
    t.integer('last_uid').notNullable();
    t.text('since').notNullable();
    t.primary(['mailbox_id', 'folder']);
  });
  await db.schema.createTable('mailbox_marks', (t) => {
    t.integer('mailbox_id').notNullable().references('mailboxes.id').onDelete('CASCADE');
    t.text('folder').notNullable();
    t.text('mark').notNullable();
    t.integer('uid').notNullable();
    t.text('message_ref');
    t.primary(['mailbox_id', 'folder', 'mark', 'uid']);
  });
  await db.schema.createTable('practice_messages', (t) => {
    t.increments('uid');
    t.text('folder').notNullable();
    t.binary('bytes').notNullable();
    t.text('labels').notNullable().defaultTo('[]');
    t.boolean('flagged').notNullable().defaultTo(false);
    t.boolean('seen').notNullable().defaultTo(false);
    t.text('from_name').notNullable();
    t.text('subject').notNullable();
    t.text('sent_at').notNullable();
    t.text('came_at').notNullable();
    t.integer('was_uid');
    t.index(['folder', 'uid']);
    t.index(['was_uid']);
  });
  await db.schema.createTable('imports', (t) => {
    t.increments('id');
    t.integer('address_id').notNullable().references('addresses.id');
    t.text('name').notNullable();
    t.text('state').notNullable();
    t.integer('size').notNullable();
    t.integer('read').notNullable().defaultTo(0);
    t.text('problem');
    t.text('begun_at').notNullable();
  });
  await db.schema.createTable('import_items', (t) => {
    t.integer('import_id').notNullable().references('imports.id').onDelete('CASCADE');
    t.integer('n').notNullable();
    t.text('name').notNullable();
    t.text('result').notNullable();
    t.text('words');
    t.integer('arrival_id').references('arrivals.id');
    t.primary(['import_id', 'n']);
  });
  await db.schema.createTable('proposals', (t) => {
    t.increments('id');
    t.integer('task_id').notNullable().references('tasks.id');
    t.integer('arrival_id').notNullable().references('arrivals.id');
    t.text('field').notNullable();
    t.text('value').notNullable();
    t.text('spans').notNullable();
    t.text('state').notNullable().defaultTo('open');
    t.text('made_at').notNullable();
    t.index(['task_id', 'state']);
  });
  await db.schema.createTable('sessions', (t) => {
    t.binary('token_hash').primary();
    t.text('begun_at').notNullable();
    t.text('ends_at').notNullable();
  });
}

/** Knex would make the table anew for it, which other tables refer to. */
const addReference = (db: Knex, table: string, column: string, to: string) =>
  db.raw('ALTER TABLE ?? ADD COLUMN ?? INTEGER REFERENCES ??(id)', [table, column, to]);
