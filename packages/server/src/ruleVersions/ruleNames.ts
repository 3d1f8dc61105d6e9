import { BUILT_IN } from '@hatband/core/rules';
import type { Knex } from 'knex';

export type RuleNames = (ruleId: string, version: number) => string;

/** The names of these rules as they were in each version. */
export async function ruleNames(db: Knex, ruleIds: Iterable<string>): Promise<RuleNames> {
  const rows: { rule_id: string; version: number; name: string }[] = await db('rule_versions')
    .whereIn('rule_id', [...new Set(ruleIds)])
    .select('rule_id', 'version', db.raw("json_extract(definition, '$.name') AS name"));
  const names = new Map(rows.map(({ rule_id, version, name }) => [`${rule_id} ${String(version)}`, name]));
  return (ruleId, version) =>
    ruleId === BUILT_IN ? 'Built-in reading' : (names.get(`${ruleId} ${String(version)}`) ?? 'a rule');
}
