import { DueEffect } from '@hatband/core/rules';
import type { Knex } from 'knex';
import type { Logger } from 'pino';
import { z } from 'zod';
import { moveInMailbox } from '../arrivals/transitions.ts';
import type { Clock } from '../clock.ts';
import { messageOf, traceOf } from '../errors.ts';
import {
  record,
  parseJson,
  type ArrivalRow,
  type MailboxRow,
  type OutboxRow,
  type Store,
} from '../store/index.ts';
import { AccountProblem, type Account, type Change, type OpenFolder } from './account.ts';
import { mailboxRows } from './mailboxes.ts';

interface Carrying {
  store: Store;
  connectTo: (row: MailboxRow) => Promise<Account>;
  clock: Clock;
  log: Logger;
}

const MOST_ATTEMPTS = 10;
const FIRST_PAUSE_MS = 10_000;

type Due = OutboxRow & Pick<ArrivalRow, 'mailbox_id'>;
type Place = Pick<ArrivalRow, 'mailbox_id' | 'folder' | 'uid' | 'uid_validity' | 'message_id'>;

/** Does what is due in mailboxes, in its order, over one connection a mailbox. */
export async function carryOut(carrying: Carrying): Promise<void> {
  const { store, clock, log } = carrying;
  try {
    const rows: Due[] = await store
      .read('outbox')
      .join('arrivals', 'arrivals.id', 'outbox.arrival_id')
      .join('mailboxes', 'mailboxes.id', 'arrivals.mailbox_id')
      .where('outbox.kind', 'mailbox')
      .whereNull('paused_at')
      .where('outbox.state', 'waiting')
      .where('next_attempt_at', '<=', clock().toISOString())
      .orderBy('outbox.id')
      .limit(200)
      .select('outbox.*', 'mailbox_id');
    if (rows.length === 0) return;
    const mailboxes = await mailboxRows(store.read);
    for (const mailboxId of new Set(rows.map(({ mailbox_id }) => mailbox_id))) {
      const due = rows.filter(({ mailbox_id }) => mailbox_id === mailboxId);
      const mailbox = mailboxes.find(({ id }) => id === mailboxId);
      await carryOutIn(carrying, mailbox, due);
    }
  } catch (error) {
    log.error({ error: traceOf(error) }, 'what is due in mailboxes could not be done');
  }
}

async function carryOutIn(
  carrying: Carrying,
  mailbox: MailboxRow | undefined,
  due: readonly Due[],
): Promise<void> {
  if (!mailbox) {
    for (const row of due)
      await settle(carrying, row, new AccountProblem('Its mailbox is watched no more.', true));
    return;
  }
  const account = await carrying.connectTo(mailbox).catch(asProblem);
  if (account instanceof AccountProblem) {
    // The connection is at fault, not what is due: that is tried again.
    const problem = new AccountProblem(account.message, false);
    for (const row of due) await settle(carrying, row, problem);
    return;
  }
  try {
    for (const row of due) await settle(carrying, row, await attempt(carrying, account, row));
  } finally {
    await account.close();
  }
}

const asProblem = (error: unknown) =>
  error instanceof AccountProblem ? error : new AccountProblem(messageOf(error), false);

async function attempt(carrying: Carrying, account: Account, row: Due): Promise<AccountProblem | null> {
  try {
    await act(carrying, account, row);
    return null;
  } catch (error) {
    return asProblem(error);
  }
}

/** Labels, flag and the mark “read” first; where the message goes comes last. */
async function act({ store }: Carrying, account: Account, row: Due): Promise<void> {
  // What was done just now may have moved it.
  const place: Place | undefined = await store
    .read('arrivals')
    .where({ id: row.arrival_id })
    .first('mailbox_id', 'folder', 'uid', 'uid_validity', 'message_id');
  if (!place) return;
  const folder = await account.open(place.folder ?? 'INBOX');
  const uid = await findMessage(store, folder, place);
  const effects = parseJson(z.array(DueEffect), row.payload);
  await folder.change(uid, changeOf(effects));
  const to = effects.findLast((effect) => effect.kind === 'move')?.folder;
  if (to === undefined || to === place.folder) return;
  const moved = await folder.move(uid, to);
  const { mailbox_id, message_id, folder: from } = place;
  await store.write((trx) =>
    moveInMailbox(trx, { mailbox_id, message_id, folder: from }, { folder: to, uid: moved }),
  );
}

const changeOf = (effects: readonly DueEffect[]): Change => ({
  add: effects.flatMap((effect) => (effect.kind === 'label' ? effect.add : [])),
  remove: effects.flatMap((effect) => (effect.kind === 'label' ? effect.remove : [])),
  flagged: effects.reduce<boolean | null>(
    (flagged, effect) => (effect.kind === 'flag' ? effect.set : flagged),
    null,
  ),
  read: effects.some((effect) => effect.kind === 'mark as read'),
});

/** By its number, as long as that holds; else by its Message-ID. */
async function findMessage(store: Store, folder: OpenFolder, row: Place): Promise<number> {
  const holds = row.uid !== null && row.uid_validity === folder.uidValidity;
  if (holds && row.uid !== null && (await folder.has(row.uid))) return row.uid;
  const ref = await messageRef(store.read, row);
  const found = ref === null ? null : await folder.find(ref);
  if (found !== null) return found;
  throw new AccountProblem(`The message is not in ${row.folder ?? 'its folder'} any more.`, true);
}

async function messageRef(db: Knex, { message_id }: Place): Promise<string | null> {
  const row = await db('message_chunks').where({ message_id, n: 0 }).first('bytes');
  const head = row?.bytes.toString('latin1').split(/\r?\n\r?\n/)[0] ?? '';
  return /^message-id:\s*(\S+)/im.exec(head)?.[1] ?? null;
}

/** Done, to be tried again later, or given up with its reason. */
async function settle({ store, clock }: Carrying, row: Due, problem: AccountProblem | null): Promise<void> {
  const attempts = row.attempts + 1;
  const isOver = problem !== null && (problem.lasting || attempts >= MOST_ATTEMPTS);
  const pause = FIRST_PAUSE_MS * 2 ** attempts;
  await store.write(async (trx) => {
    await trx('outbox')
      .where({ id: row.id })
      .update({
        attempts,
        state: problem === null ? 'done' : isOver ? 'failed' : 'waiting',
        problem: problem?.message ?? null,
        next_attempt_at: new Date(clock().getTime() + pause).toISOString(),
      });
    await record(trx, [{ kind: 'arrival', ref: String(row.arrival_id) }]);
  });
}
