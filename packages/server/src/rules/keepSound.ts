import { checkRule, RuleDefinition, type Context } from '@hatband/core/rules';
import type { Knex } from 'knex';
import { Failure } from '../errors.ts';
import type { Guarded } from '../named/guarded.ts';
import type { UserNow } from '../settings/user.ts';
import { parseJson } from '../store/index.ts';
import { currentContext } from './ruleSet.ts';
import { withLive } from '../ruleVersions/withLive.ts';

/**
 * A change that would break rules which went live, paused ones among them, is refused with their names. What is broken
 * already does not stand in the way.
 */
export function keepRulesSound(userNow: UserNow): Guarded {
  return async (trx, change) => {
    const user = await userNow();
    const before = problemsBy(await rulesAtWork(trx), await currentContext(trx, user));
    await change();
    const rules = await rulesAtWork(trx);
    const after = problemsBy(rules, await currentContext(trx, user));
    const broken = rules.flatMap(({ id, definition: { name } }) =>
      (after.get(id) ?? [])
        .filter((problem) => !(before.get(id) ?? []).includes(problem))
        .map((problem) => ({ path: id, message: `${name}: ${problem}` })),
    );
    if (broken.length === 0) return;
    const names = [...new Set(rules.filter(({ id }) => broken.some(({ path }) => path === id)).map(({ definition }) => `“${definition.name}”`))]; // prettier-ignore
    throw new Failure(
      'conflict',
      `Rules at work need this: ${names.join(', ')}. Change or delete them first.`,
      broken,
    );
  };
}

async function rulesAtWork(db: Knex): Promise<{ id: string; definition: RuleDefinition }[]> {
  const rows: { id: string; definition: string }[] = await withLive(db)
    .whereNull('deleted_at')
    .whereIn('state', ['live', 'paused'])
    .orderBy('position')
    .select('rules.id', 'rule_versions.definition');
  return rows.map(({ id, definition }) => ({ id, definition: parseJson(RuleDefinition, definition) }));
}

const problemsBy = (rules: Awaited<ReturnType<typeof rulesAtWork>>, context: Context) =>
  new Map(
    rules.map(({ id, definition }) => [id, checkRule(definition, context).map(({ message }) => message)]),
  );
