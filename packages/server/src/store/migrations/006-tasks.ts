import type { Knex } from 'knex';
import { inflateRawSync } from 'node:zlib';

/** Tasks that are filtered, sorted, deleted and brought back; views of them; what the user did, to be taken back. */
export async function up(db: Knex): Promise<void> {
  await db.schema.alterTable('tasks', (t) => {
    t.text('completed_at');
    t.text('deleted_at');
    t.text('changed_at').notNullable().defaultTo('');
  });
  await db.raw(
    'UPDATE tasks SET changed_at = coalesce((SELECT max(at) FROM task_changes WHERE task_id = tasks.id), created_at)',
  );
  await db.raw(
    "UPDATE tasks SET completed_at = coalesce((SELECT max(at) FROM task_changes WHERE task_id = tasks.id AND field = 'status'), created_at) WHERE status IN ('completed', 'cancelled')",
  );
  await db.raw(
    "CREATE TRIGGER task_changes_tell AFTER INSERT ON task_changes BEGIN UPDATE tasks SET changed_at = NEW.at, completed_at = CASE WHEN NEW.field <> 'status' THEN completed_at WHEN NEW.new IN ('completed', 'cancelled') THEN NEW.at END WHERE id = NEW.task_id; END",
  );
  await db.raw('DROP INDEX tasks_status_due_index');
  await db.raw(
    "CREATE INDEX tasks_by_completion ON tasks (coalesce(completed_at, '9')) WHERE deleted_at IS NULL",
  );
  await db.raw("CREATE INDEX task_changes_by_hand ON task_changes (task_id) WHERE actor <> 'rule'");
  await db.schema.alterTable('arrivals', (t) => {
    t.text('attachment_names').notNullable().defaultTo('[]');
  });
  await nameAttachments(db);
  await db.schema.createTable('views', (t) => {
    t.text('id').primary();
    t.text('name').notNullable();
    t.text('view').notNullable();
    t.integer('position').notNullable();
    t.integer('revision').notNullable().defaultTo(1);
  });
  await db.schema.createTable('acts', (t) => {
    t.text('id').primary();
    t.text('at').notNullable();
    t.text('label').notNullable();
    t.text('steps').notNullable();
    t.text('undone_at');
    t.index(['at']);
  });
}

/** What came along with each message that was read. */
async function nameAttachments(db: Knex): Promise<void> {
  const rows = await db('arrivals').whereNotNull('reading_id').select('id', 'reading_id');
  for (const { id, reading_id } of rows) {
    const reading = await db('readings')
      .where({ id: reading_id ?? 0 })
      .first('body');
    const names = reading ? namesIn(inflateRawSync(reading.body).toString()) : [];
    if (names.length > 0)
      await db('arrivals')
        .where({ id })
        .update({ attachment_names: JSON.stringify(names) });
  }
}

function namesIn(json: string): string[] {
  const { message } = JSON.parse(json) as { message?: { attachments?: { name: string }[] } };
  return (message?.attachments ?? []).map(({ name }) => name);
}
