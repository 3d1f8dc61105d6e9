import type { Act } from '@hatband/contract';
import type { Knex } from 'knex';
import { z } from 'zod';
import type { Clock } from '../clock.ts';
import { Failure, missing } from '../errors.ts';
import { parseJson, record, type ActRow, type Store } from '../store/index.ts';
import { isChangedField, nameOfField, rawValue } from '../tasks/columns.ts';
import { writeValues, type By, type Step } from '../tasks/writeValues.ts';

const Raw = z.union([z.string(), z.number()]).nullable();
export const Steps = z.array(
  z.object({
    task: z.number(),
    field: z.custom<Step['field']>((field) => typeof field === 'string' && isChangedField(field)),
    before: Raw,
    after: Raw,
  }),
);

/** Older ones can no longer be taken back. */
const KEPT = 200;
const LISTED = 50;

/** Keeps what the user did. */
export async function keepAct(
  trx: Knex.Transaction,
  { id, at, label, steps }: { id: string; at: string; label: string; steps: readonly Step[] },
): Promise<Act> {
  await trx('acts').insert({ id, at, label: label.slice(0, 300), steps: JSON.stringify(steps) });
  const oldest = await trx('acts').orderBy('rowid', 'desc').offset(KEPT).first('id');
  if (oldest) await trx('acts').where({ id: oldest.id }).delete();
  await record(trx, [{ kind: 'act', ref: id }]);
  return { id, at, label, undone: false };
}

const view = ({ id, at, label, undone_at }: Omit<ActRow, 'steps'>): Act => ({
  id,
  at,
  label,
  undone: undone_at !== null,
});

export async function listActs(db: Knex): Promise<Act[]> {
  const rows = await db('acts')
    .orderBy('rowid', 'desc')
    .limit(LISTED)
    .select('id', 'at', 'label', 'undone_at');
  return rows.map(view);
}

interface Kept {
  task: string;
  field: string;
  now: string | null;
}

/**
 * Takes back what was done, or does it again. A value that something else changed since is kept and told of; throws where
 * that is all of them.
 */
export const undoAct = (
  store: Store,
  id: string,
  undo: boolean,
  clock: Clock,
): Promise<{ act: Act; kept: Kept[] }> =>
  store.write(async (trx) => {
    const row = await trx('acts').where({ id }).first();
    if (!row) throw missing('act');
    if ((row.undone_at !== null) === undo)
      throw new Failure('stale', undo ? 'This was taken back already.' : 'This was done again already.');
    const steps = parseJson(Steps, row.steps).map((step) =>
      undo ? step : { ...step, before: step.after, after: step.before },
    );
    const at = clock().toISOString();
    const kept = await restore(trx, steps, { actor: 'undo', run: id, at });
    if (kept.length === steps.length)
      throw new Failure('conflict', `It was changed again since: ${kept.map(sayKept).join('; ')}.`);
    const undone_at = undo ? at : null;
    await trx('acts').where({ id }).update({ undone_at });
    await record(trx, [{ kind: 'act', ref: id }]);
    return { act: view({ ...row, undone_at }), kept };
  });

const sayKept = ({ task, field, now }: Kept) => `${field} of “${task}” is ${now ?? 'empty'} now`;

/** Gives back the `before` of each value that is still its `after`; the others. */
async function restore(trx: Knex.Transaction, steps: readonly Step[], by: By): Promise<Kept[]> {
  const kept: Kept[] = [];
  for (const task of new Set(steps.map((step) => step.task))) {
    const own = steps.filter((step) => step.task === task);
    await writeValues(
      trx,
      task,
      (row) =>
        own.flatMap(({ field, before, after }) => {
          const now = rawValue(row, field);
          if (now === after) return [[field, before] as const];
          kept.push({
            task: row.title,
            field: nameOfField(field),
            now: now === null ? null : String(now),
          });
          return [];
        }),
      by,
    );
  }
  return kept;
}
