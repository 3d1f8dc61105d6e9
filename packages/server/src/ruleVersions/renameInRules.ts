import { RuleDefinition, renameInRule, type NamedThing } from '@hatband/core/rules';
import { sameName } from '@hatband/core/tasks';
import type { Knex } from 'knex';
import type { Clock } from '../clock.ts';
import { record, parseJson } from '../store/index.ts';

interface Renamed {
  what: NamedThing;
  from: string;
  to: string;
}

/** Carries a new name into the rules that name the old one: into drafts as they are, into rules at work as a new version. */
export async function renameInRules(
  trx: Knex.Transaction,
  { what, from, to }: Renamed,
  clock: Clock,
): Promise<void> {
  if (from === to) return;
  const renamed = (json: string): string => {
    const definition = parseJson(RuleDefinition, json);
    return JSON.stringify(
      renameInRule(definition, (kind, name) => (kind === what && sameName(name, from) ? to : name)),
    );
  };
  for (const rule of await trx('rules').whereNull('deleted_at')) {
    const draft = rule.draft === null ? null : renamed(rule.draft);
    const live = await trx('rule_versions')
      .where({ rule_id: rule.id, version: rule.version ?? 0 })
      .first();
    const definition = live ? renamed(live.definition) : null;
    const isNew = live !== undefined && definition !== null && !isSame(definition, live.definition);
    const version = isNew ? live.version + 1 : rule.version;
    if (!isNew && (draft === null || rule.draft === null || isSame(draft, rule.draft))) continue;
    if (isNew)
      await trx('rule_versions').insert({
        rule_id: rule.id,
        version: live.version + 1,
        definition,
        made_at: clock().toISOString(),
      });
    await trx('rules')
      .where({ id: rule.id })
      .update({ draft, version, revision: rule.revision + 1 });
    await record(trx, [{ kind: 'rule', ref: rule.id }]);
  }
}

const isSame = (a: string, b: string) =>
  JSON.stringify(parseJson(RuleDefinition, a)) === JSON.stringify(parseJson(RuleDefinition, b));
