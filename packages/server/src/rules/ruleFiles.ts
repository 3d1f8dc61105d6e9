import { DRAFT_ISSUE, type ImportResult, type RegisterKind } from '@hatband/contract';
import { RuleDefinition, writeRuleFile, type FileRule, type Named } from '@hatband/core/rules';
import { nameKey } from '@hatband/core/tasks';
import type { Knex } from 'knex';
import { randomUUID } from 'node:crypto';
import { setImmediate as nextTurn } from 'node:timers/promises';
import type { Clock } from '../clock.ts';
import { Failure } from '../errors.ts';
import { findProject, insertProject } from '../named/projects.ts';
import { findNamed, insertNamed } from '../named/registers.ts';
import { record, parseJson, type RuleRow, type Store } from '../store/index.ts';
import type { ReadFile } from './readRuleFile.ts';
import type { Seen } from './rules.ts';
import { withLive } from '../ruleVersions/withLive.ts';
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

export interface Importing {
  store: Store;
  clock: Clock;
  read: (json: string) => Promise<ReadFile>;
  /** How many of how many rules are stored by now. */
  onProgress: (done: number, total: number) => void;
}

/**
 * The rules of a file as drafts. Throws, with all places, where it does not hold together, or where a draft would be
 * replaced without the user's word; nothing is changed then.
 */
export async function importRules(
  { store, clock, read, onProgress }: Importing,
  { json, replaceDrafts }: { json: string; replaceDrafts: boolean },
): Promise<ImportResult> {
  const file = await read(json);
  if (!file.ok) throw new Failure('input', 'These rules cannot be taken in.', file.errors);
  return store.write(async (trx) => {
    const known = await rulesByName(trx);
    if (!replaceDrafts) refuseToReplace(file.rules, known);
    const things = await importNamed(trx, file.named, clock);
    const became = await storeDrafts(trx, file.rules, { known, clock, onProgress });
    return { rules: became, ...things };
  });
}

const REGISTERED = ['people', 'tables', 'templates'] as const satisfies readonly RegisterKind[];

async function importNamed(trx: Knex.Transaction, file: Named, clock: Clock) {
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

interface FileDraft {
  name: string;
  definition: string;
}
interface KnownRule extends Seen {
  name: string;
  draft: string | null;
}

/** The rules that are there, by their names. */
async function rulesByName(trx: Knex.Transaction): Promise<Map<string, KnownRule>> {
  const rows: (Seen & { name: string; draft: string | null })[] = await withLive(trx)
    .whereNull('deleted_at')
    .select(
      'rules.id',
      'revision',
      'draft',
      trx.raw("json_extract(coalesce(draft, rule_versions.definition), '$.name') AS name"),
    );
  return new Map(rows.map((row) => [nameKey(row.name), row]));
}

/** Work that was not put to work yet is the user's; it goes only by his word. */
function refuseToReplace(rules: readonly FileDraft[], known: ReadonlyMap<string, KnownRule>): void {
  const replaced = rules.filter(({ name, definition }) => {
    const draft = known.get(nameKey(name))?.draft ?? null;
    return draft !== null && draft !== definition;
  });
  if (replaced.length === 0) return;
  throw new Failure(
    'conflict',
    'These rules have drafts that the file would replace.',
    replaced.map(({ name }) => ({ path: DRAFT_ISSUE, message: name })),
  );
}

/** Rules that are stored before others get their turn. */
const BATCH = 100;

async function storeDrafts(
  trx: Knex.Transaction,
  rules: readonly FileDraft[],
  { known, clock, onProgress }: Pick<Importing, 'clock' | 'onProgress'> & { known: Map<string, KnownRule> },
): Promise<ImportResult['rules']> {
  const last = (await trx('rules').max({ position: 'position' }).first())?.position ?? 0;
  const created_at = clock().toISOString();
  const became: ImportResult['rules'] = [];
  let position = last;
  for (let from = 0; from < rules.length; from += BATCH) {
    const batch = rules.slice(from, from + BATCH);
    const fresh = batch.filter(({ name }) => !known.has(nameKey(name)));
    const rows = fresh.map(({ definition }) => ({
      id: randomUUID(),
      position: (position += 1),
      state: 'draft' as const,
      draft: definition,
      created_at,
    }));
    if (rows.length > 0) await trx('rules').insert(rows);
    for (const { name, definition } of batch) {
      const rule = known.get(nameKey(name));
      if (rule)
        await trx('rules')
          .where({ id: rule.id })
          .update({ draft: definition, revision: rule.revision + 1 });
      became.push({ name, became: rule ? 'draft of the rule of that name' : 'new draft' });
    }
    onProgress(became.length, rules.length);
    await nextTurn();
  }
  await record(trx, [{ kind: 'rule', ref: '' }]);
  return became;
}
