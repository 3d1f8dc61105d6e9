import type { Comment } from '@hatband/contract';
import type { Mailbox } from '@hatband/core/mail';
import { Reading, writerOf } from '@hatband/core/reading';
import { Evidence } from '@hatband/core/rules';
import { withMerged } from './origins.ts';
import type { Clock } from '../clock.ts';
import { missing } from '../errors.ts';
import { ruleNames, type RuleNames } from '../ruleVersions/ruleNames.ts';
import { record, inflateJson, parseJson, type CommentRow, type Store } from '../store/index.ts';

type JoinedRow = CommentRow & { reading: Buffer | null };

/** The comments on a task, the oldest first. */
export async function listComments(store: Store, taskId: number): Promise<{ items: Comment[] }> {
  const rows: JoinedRow[] = await store
    .read('comments')
    .leftJoin('arrivals', 'arrivals.id', 'comments.arrival_id')
    .leftJoin('readings', 'readings.id', 'arrivals.reading_id')
    .whereIn('task_id', await withMerged(store.read, taskId))
    .orderBy('comments.id')
    .select('comments.*', 'readings.body as reading');
  const ruleName = await ruleNames(
    store.read,
    rows.flatMap(({ rule_id }) => rule_id ?? []),
  );
  return { items: rows.map((row) => view(row, ruleName)) };
}

function view(row: JoinedRow, ruleName: RuleNames): Comment {
  const reading = row.reading === null ? null : inflateJson(Reading, row.reading);
  const spans = row.evidence === null ? [] : parseJson(Evidence, row.evidence).spans;
  return {
    id: row.id,
    text: row.text,
    at: row.created_at,
    attachments: (reading?.message.attachments ?? []).map(({ name, size }, n) => ({ n, name, size })),
    by:
      row.arrival_id === null
        ? { kind: 'user' }
        : {
            kind: 'rule',
            ruleName: ruleName(row.rule_id ?? '', row.version ?? 0),
            arrivalId: row.arrival_id,
            from: reading ? nameOf(writerOf(reading, spans)) : '',
          },
  };
}

/** As a person is shown who wrote something. */
export const nameOf = (who: Mailbox | null) => who?.name || (who?.address ?? '');

/** A comment of the user's own. */
export async function addComment(store: Store, taskId: number, text: string, clock: Clock): Promise<void> {
  await store.write(async (trx) => {
    if (!(await trx('tasks').where({ id: taskId }).first())) throw missing('task');
    await trx('comments').insert({ task_id: taskId, text, created_at: clock().toISOString() });
    await record(trx, [{ kind: 'task', ref: String(taskId) }]);
  });
}
