import type { Knex } from 'knex';

/** Which original an arrival brings is told by more than its words. */
export async function up(db: Knex): Promise<void> {
  await db.schema.alterTable('arrivals', (t) => {
    t.binary('origin_exact');
    t.text('origin_id');
  });
}
