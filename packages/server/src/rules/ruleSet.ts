import {
  compile,
  Context,
  LookupTable,
  RuleDefinition,
  type CompiledRules,
  type RuleVersion,
} from '@hatband/core/rules';
import { Person, TaskTemplate } from '@hatband/core/tasks';
import type { Knex } from 'knex';
import { listProjects } from '../named/projects.ts';
import { mailboxRows } from '../mailbox/mailboxes.ts';
import { listNamed } from '../named/registers.ts';
import type { User, UserNow } from '../settings/user.ts';
import { parseJson, type Store } from '../store/index.ts';

/** What rules are compiled for, as it is now. */
export async function currentContext(db: Knex, user: User): Promise<Context> {
  const [people, tables, templates] = await Promise.all([
    listNamed(db, 'people', Person),
    listNamed(db, 'tables', LookupTable),
    listNamed(db, 'templates', TaskTemplate),
  ]);
  return Context.parse({
    ...user.context,
    projects: await listProjects(db),
    people: people.map(({ body }) => body),
    tables: tables.map(({ body }) => body),
    templates: templates.map(({ body }) => body),
    mailboxes: (await mailboxRows(db)).map(({ name }) => name),
  });
}

/** The live rules in their order. */
async function liveRules(db: Knex): Promise<RuleVersion[]> {
  const rows: { id: string; version: number; definition: string }[] = await db('rules')
    .join('rule_versions', { 'rule_versions.rule_id': 'rules.id', 'rule_versions.version': 'rules.version' })
    .where({ state: 'live' })
    .whereNull('deleted_at')
    .orderBy('position')
    .select('rules.id', 'rules.version', 'definition');
  return rows.map((row) => ({
    ruleId: row.id,
    version: row.version,
    definition: parseJson(RuleDefinition, row.definition),
  }));
}

/** Gives the live rules as they are now, compiled; again only where they, or what they name, have changed. */
export function openRuleSet(store: Store, userNow: UserNow): () => Promise<CompiledRules> {
  let known: { seq: number; user: User; compiled: CompiledRules } | null = null;
  return async () => {
    const row = await store
      .read('events')
      .whereIn('kind', ['rule', 'project', 'named'])
      .max({ seq: 'seq' })
      .first();
    const seq = row?.seq ?? 0;
    const user = await userNow();
    if (known?.seq === seq && known.user === user) return known.compiled;
    const compiled = compile(await liveRules(store.read), await currentContext(store.read, user));
    known = { seq, user, compiled };
    return compiled;
  };
}
