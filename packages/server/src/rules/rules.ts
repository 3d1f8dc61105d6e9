import type { Rule, RuleName } from '@hatband/contract';
import { Band, checkRule, RuleDefinition, type CompiledRules, type Problem } from '@hatband/core/rules';
import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { setImmediate as nextTurn } from 'node:timers/promises';
import type { Clock } from '../clock.ts';
import { Failure, missing } from '../errors.ts';
import { record, parseJson, type RuleRow, type Store } from '../store/index.ts';
import type { User } from '../settings/user.ts';
import { currentContext } from './ruleSet.ts';
import { withLive } from '../ruleVersions/withLive.ts';

const MONTH_MS = 30 * 24 * 60 * 60 * 1000;

type JoinedRow = RuleRow & { live: string | null; taken: number; last_taken: string | null };

/** In their order, deleted ones last. */
export async function listRules(
  store: Store,
  clock: Clock,
  live: CompiledRules,
  id?: string,
): Promise<Rule[]> {
  const since = new Date(clock().getTime() - MONTH_MS).toISOString();
  const { read } = store;
  const taken = read('arrival_rules').whereRaw('rule_id = rules.id');
  const rows: JoinedRow[] = await withLive(read)
    .modify((query) => (id === undefined ? undefined : query.where('rules.id', id)))
    .orderByRaw('deleted_at IS NOT NULL, position')
    .select('rules.*', {
      live: 'rule_versions.definition',
      taken: taken.clone().where('received_at', '>=', since).count('*'),
      last_taken: taken.clone().max('received_at'),
    });
  const problems = problemsOf(live);
  const rules: Rule[] = [];
  for (const [i, row] of rows.entries()) {
    rules.push(view(row, problems.get(row.id) ?? []));
    // A long stack takes time that others need too.
    if (i % TURN === TURN - 1) await nextTurn();
  }
  return rules;
}

const TURN = 100;

/** What keeps live rules from working, by their ids. */
const problemsOf = ({ rules }: CompiledRules): Map<string, Problem[]> =>
  new Map(rules.map(({ version, problems }) => [version.ruleId, problems]));

function view(row: JoinedRow, problems: readonly Problem[]): Rule {
  return {
    id: row.id,
    state: row.state,
    version: row.version,
    live: row.live === null ? null : parseJson(RuleDefinition, row.live),
    draft: row.draft === null ? null : parseJson(RuleDefinition, row.draft),
    takenIn30Days: row.taken,
    lastTakenAt: row.last_taken,
    deleted: row.deleted_at !== null,
    problems: problems.map(({ path, message }) => ({ path: path.join('.'), message })),
    revision: row.revision,
  };
}

/** A new rule is a draft at the end of the order. */
export const addRule = (store: Store, definition: RuleDefinition, clock: Clock): Promise<string> =>
  store.write((trx) => insertRule(trx, definition, clock));

export async function insertRule(
  trx: Knex.Transaction,
  definition: RuleDefinition,
  clock: Clock,
): Promise<string> {
  const id = randomUUID();
  const last = await trx('rules').max({ position: 'position' }).first();
  await trx('rules').insert({
    id,
    position: (last?.position ?? 0) + 1,
    state: 'draft',
    draft: JSON.stringify(definition),
    created_at: clock().toISOString(),
  });
  await record(trx, [{ kind: 'rule', ref: id }]);
  return id;
}

/** One change of a rule, refused where the rule is not as the writer saw it. */
async function change(
  store: Store,
  { id, revision }: { id: string; revision: number },
  what: (row: RuleRow, trx: Knex.Transaction) => Promise<Partial<RuleRow>> | Partial<RuleRow>,
): Promise<void> {
  await store.write(async (trx) => {
    const row = await trx('rules').where({ id }).whereNull('deleted_at').first();
    if (!row) throw missing('rule');
    if (row.revision !== revision)
      throw new Failure('stale', 'This rule was changed elsewhere meanwhile; look at it again.');
    await trx('rules')
      .where({ id })
      .update({ ...(await what(row, trx)), revision: revision + 1 });
    await record(trx, [{ kind: 'rule', ref: id }]);
  });
}

export interface Seen {
  id: string;
  revision: number;
}

export const saveDraft = (store: Store, seen: Seen, definition: RuleDefinition) =>
  change(store, seen, () => ({ draft: JSON.stringify(definition) }));

/** The draft is thrown away; a rule that never went live keeps its only one. */
export const dropDraft = (store: Store, seen: Seen) =>
  change(store, seen, (row) => {
    if (row.version === null)
      throw new Failure('conflict', 'This rule is only a draft; delete the rule instead.');
    return { draft: null };
  });

/** The draft becomes the next version and works on mail from now on. */
export const goLive = (store: Store, user: User, seen: Seen, clock: Clock) =>
  change(store, seen, async (row, trx) => {
    if (row.draft === null) throw new Failure('conflict', 'Nothing was changed since this rule went live.');
    const definition = parseJson(RuleDefinition, row.draft);
    await requireSound(trx, user, definition);
    const version = (row.version ?? 0) + 1;
    const made_at = clock().toISOString();
    await trx('rule_versions').insert({
      rule_id: row.id,
      version,
      definition: JSON.stringify(definition),
      made_at,
    });
    return { version, draft: null, state: 'live' };
  });

/** A rule that names what does not exist, or cannot work otherwise, does not go live. */
async function requireSound(trx: Knex.Transaction, user: User, definition: RuleDefinition): Promise<void> {
  const problems = checkRule(definition, await currentContext(trx, user));
  const [first] = problems;
  if (!first) return;
  const issues = problems.map(({ path, message }) => ({ path: path.join('.'), message }));
  throw new Failure('input', first.message, issues);
}

export const pauseRule = (store: Store, seen: Seen) =>
  change(store, seen, (row) => {
    if (row.version === null) throw new Failure('conflict', 'A draft cannot be paused: it is not at work.');
    return { state: 'paused' };
  });

/** A rule that lost what it names while it was paused does not go on. */
export const resumeRule = (store: Store, user: User, seen: Seen) =>
  change(store, seen, async (row, trx) => {
    const version = await trx('rule_versions')
      .where({ rule_id: row.id, version: row.version ?? 0 })
      .first();
    if (!version) throw new Failure('conflict', 'A draft cannot be resumed: it was never at work.');
    await requireSound(trx, user, parseJson(RuleDefinition, version.definition));
    return { state: 'live' };
  });

/** A tombstone stays, for the evidence that names the rule. */
export const deleteRule = (store: Store, seen: Seen, clock: Clock) =>
  change(store, seen, () => ({ deleted_at: clock().toISOString() }));

/** Sets the order in which the rules are asked; `ids` has to name each of them once. */
export async function orderRules(store: Store, ids: readonly string[]): Promise<void> {
  await store.write(async (trx) => {
    const rows = await trx('rules').whereNull('deleted_at').select('id');
    const known = new Set(rows.map((row) => row.id));
    if (ids.length !== known.size || new Set(ids).size !== ids.length || !ids.every((id) => known.has(id))) {
      throw new Failure('stale', 'Rules were added or deleted meanwhile; look at the order again.');
    }
    for (const [index, id] of ids.entries())
      await trx('rules')
        .where({ id })
        .update({ position: index + 1 });
    await record(trx, [{ kind: 'rule', ref: 'order' }]);
  });
}

/** The definition that a rule is shown by. */
const SHOWN = 'coalesce(rule_versions.definition, draft)';

/** What the work of rules is shown by. */
export async function listRuleNames(store: Store, live: CompiledRules): Promise<RuleName[]> {
  const rows: { id: string; deleted_at: string | null; name: string; band: string }[] = await withLive(
    store.read,
  )
    .orderByRaw('deleted_at IS NOT NULL, position')
    .select(
      'rules.id',
      'deleted_at',
      store.read.raw(`json_extract(${SHOWN}, '$.name') AS name, json_extract(${SHOWN}, '$.band') AS band`),
    );
  const problems = problemsOf(live);
  const byHand = new Set(
    live.rules.flatMap(({ version: { ruleId, definition } }) =>
      definition.start.kind === 'hand' ? [ruleId] : [],
    ),
  );
  return rows.map(({ id, deleted_at, name, band }) => ({
    id,
    name,
    band: parseJson(Band, band),
    deleted: deleted_at !== null,
    isBroken: (problems.get(id) ?? []).length > 0,
    isByHand: byHand.has(id),
  }));
}

/** The versions of a rule that went live, the newest first. */
export async function listVersions(store: Store, id: string) {
  const rows = await store.read('rule_versions').where({ rule_id: id }).orderBy('version', 'desc');
  return rows.map(({ version, made_at, definition }) => ({
    version,
    madeAt: made_at,
    definition: parseJson(RuleDefinition, definition),
  }));
}
