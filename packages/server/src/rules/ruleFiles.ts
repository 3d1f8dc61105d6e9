import type { ImportResult, RegisterKind } from '@hatband/contract';
import {
  parseRuleFile,
  RuleDefinition,
  writeRuleFile,
  type FileRule,
  type RuleFile,
} from '@hatband/core/rules';
import { sameName } from '@hatband/core/tasks';
import type { Knex } from 'knex';
import type { Clock } from '../clock.ts';
import { Failure } from '../errors.ts';
import { findProject, insertProject } from '../named/projects.ts';
import { findNamed, insertNamed } from '../named/registers.ts';
import { parseJson, type RuleRow, type Store } from '../store/index.ts';
import { insertRule, withLive, type Seen } from './rules.ts';
import type { User } from '../settings/user.ts';
import { currentContext } from './ruleSet.ts';

/** Rules as a file, in their order, with what they name; of each its draft, else the version that went live. */
export async function exportRules(store: Store, user: User, ids: readonly string[] | null): Promise<string> {
  const { read } = store;
  const rows: (RuleRow & { live: string | null })[] = await withLive(read)
    .whereNull('deleted_at')
    .modify((query) => (ids === null ? undefined : query.whereIn('rules.id', [...ids])))
    .orderBy('position')
    .select('rules.*', { live: 'rule_versions.definition' });
  const rules = rows.map(({ state, draft, live }): FileRule => ({
    state,
    rule: parseJson(RuleDefinition, draft ?? live ?? ''),
  }));
  return writeRuleFile(rules, await currentContext(read, user));
}

/** The rules of a file as drafts. Throws, with all places, where it does not hold together; nothing is changed then. */
export async function importRules(store: Store, json: string, clock: Clock): Promise<ImportResult> {
  const { file, errors } = parseRuleFile(json);
  if (errors) throw new Failure('input', 'These rules cannot be taken in.', errors);
  return store.write(async (trx) => {
    const things = await importNamed(trx, file, clock);
    const rules: ImportResult['rules'] = [];
    for (const { rule } of file.rules)
      rules.push({ name: rule.name, became: await importRule(trx, rule, clock) });
    return { rules, ...things };
  });
}

const REGISTERED = ['people', 'tables', 'templates'] as const satisfies readonly RegisterKind[];

async function importNamed(trx: Knex.Transaction, file: RuleFile, clock: Clock) {
  const added: ImportResult['added'] = [];
  const kept: ImportResult['kept'] = [];
  for (const project of file.projects) {
    const isThere = await findProject(trx, project.name);
    if (!isThere) await insertProject(trx, project, clock);
    (isThere ? kept : added).push({ what: 'project', name: project.name });
  }
  for (const kind of REGISTERED) {
    for (const body of file[kind]) {
      const isThere = await findNamed(trx, kind, body.name);
      if (!isThere) await insertNamed(trx, kind, body);
      (isThere ? kept : added).push({ what: kind, name: body.name });
    }
  }
  return { added, kept };
}

async function importRule(
  trx: Knex.Transaction,
  rule: RuleDefinition,
  clock: Clock,
): Promise<ImportResult['rules'][number]['became']> {
  const known = await ruleNamed(trx, rule.name);
  if (!known) {
    await insertRule(trx, rule, clock);
    return 'new draft';
  }
  await trx('rules')
    .where({ id: known.id })
    .update({ draft: JSON.stringify(rule), revision: known.revision + 1 });
  return 'draft of the rule of that name';
}

async function ruleNamed(trx: Knex.Transaction, name: string): Promise<Seen | undefined> {
  const rows: (Seen & Pick<RuleRow, 'draft'> & { live: string | null })[] = await withLive(trx)
    .whereNull('deleted_at')
    .select('rules.id', 'revision', 'draft', { live: 'rule_versions.definition' });
  return rows.find(({ draft, live }) => {
    const definition = parseJson(RuleDefinition, draft ?? live ?? '');
    return sameName(definition.name, name);
  });
}
