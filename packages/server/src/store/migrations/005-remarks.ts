import type { Knex } from 'knex';
import { deflateRawSync, inflateRawSync } from 'node:zlib';

/** What the user should know of how a message was worked; the tidy step “take off” is called “remove”. */
export async function up(db: Knex): Promise<void> {
  await db.schema.alterTable('arrivals', (t) => {
    t.text('remarks').notNullable().defaultTo('[]');
  });
  for (const { id, draft } of await db('rules').whereNotNull('draft').select('id', 'draft'))
    await db('rules')
      .where({ id })
      .update({ draft: draft && renamed(draft) });
  await db.raw('DROP TRIGGER rule_versions_no_update');
  for (const { rule_id, version, definition } of await db('rule_versions'))
    await db('rule_versions')
      .where({ rule_id, version })
      .update({ definition: renamed(definition) });
  await db.raw(
    "CREATE TRIGGER rule_versions_no_update BEFORE UPDATE ON rule_versions BEGIN SELECT RAISE(ABORT, 'rule_versions is append-only'); END",
  );
  for (const { id } of await db('arrivals').whereNotNull('trace').select('id')) await renameInTrace(db, id);
}

async function renameInTrace(db: Knex, id: number): Promise<void> {
  const trace = (await db('arrivals').where({ id }).first('trace'))?.trace;
  const json = trace ? inflateRawSync(trace).toString() : '';
  if (json.includes(OLD))
    await db('arrivals')
      .where({ id })
      .update({ trace: deflateRawSync(renamed(json)) });
}

const OLD = '"do":"take off"';

/** As this program writes JSON; in the text of a value the quotes would stand behind backslashes. */
const renamed = (json: string) => json.replaceAll(OLD, '"do":"remove"');
