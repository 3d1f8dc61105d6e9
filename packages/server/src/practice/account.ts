import { PRACTICE_FOLDERS } from '@hatband/contract';
import { decode, header } from '@hatband/core/mail';
import { EventEmitter, once } from 'node:events';
import { setTimeout as sleep } from 'node:timers/promises';
import { z } from 'zod';
import type { Clock } from '../clock.ts';
import type { Account, Change, Head, OpenFolder } from '../mailbox/account.ts';
import { record, parseJson, type PracticeMessageRow, type Store } from '../store/index.ts';

/** Tells that the practice mailbox has changed, as a server tells by IDLE. */
export class PracticeNews extends EventEmitter<{ news: [] }> {}

const Labels = z.array(z.string());
export const labelsOf = ({ labels }: Pick<PracticeMessageRow, 'labels'>): string[] =>
  parseJson(Labels, labels);

/** The practice mailbox behind the port of mail accounts: it does what an IMAP server would. */
export function practiceAccount(store: Store, news: PracticeNews, clock: Clock): Promise<Account> {
  return Promise.resolve({
    folders: () => Promise.resolve([...PRACTICE_FOLDERS]),
    open: (folder) => openPractice({ store, news, clock }, folder),
    close: () => Promise.resolve(),
  });
}

interface Practice {
  store: Store;
  news: PracticeNews;
  clock: Clock;
}

async function openPractice({ store, news, clock }: Practice, folder: string): Promise<OpenFolder> {
  const { read } = store;
  const newest = await read('practice_messages').max({ uid: 'uid' }).first();
  const rows = () => read('practice_messages').where({ folder }).orderBy('uid');
  const one = (uid: number) => read('practice_messages').where({ folder, uid }).first();
  return {
    uidValidity: '1',
    nextUid: (newest?.uid ?? 0) + 1,
    newest: () => Promise.resolve(null),
    above: async (uid) => (await rows().where('uid', '>', uid).select('uid')).map((row) => row.uid),
    since: async (day) =>
      (await rows().where('came_at', '>=', day.toISOString()).select('uid')).map((row) => row.uid),
    marked: async (mark) =>
      (await rows().select('uid', 'labels', 'flagged'))
        .filter((row) =>
          mark.kind === 'flag'
            ? Boolean(row.flagged)
            : labelsOf(row).some((label) => label.toLowerCase() === mark.name.toLowerCase()),
        )
        .map(({ uid }) => uid),
    heads: async (uids) => Promise.all((await rows().whereIn('uid', [...uids])).map(headOf)),
    has: async (uid) => (await one(uid)) !== undefined,
    fetch: async (uid) => {
      const row = await one(uid);
      return row ? { bytes: row.bytes, labels: labelsOf(row), flagged: Boolean(row.flagged) } : null;
    },
    find: async (ref) => {
      for (const { uid, bytes } of await rows())
        if (header(await decode(bytes), 'Message-ID') === ref) return uid;
      return null;
    },
    change: (uid, change) => changePractice({ store, news }, uid, (row) => changed(row, change)),
    move: (uid, to) => movePractice({ store, news, clock }, uid, to),
    wait: (ms, stop) => untilNews(news, ms, stop),
  };
}

async function headOf({ uid, bytes, came_at }: PracticeMessageRow): Promise<Head> {
  const message = await decode(bytes);
  return {
    uid,
    ref: header(message, 'Message-ID'),
    sender: message.from?.address ?? '',
    cameAt: new Date(came_at),
    size: bytes.length,
  };
}

function changed(row: PracticeMessageRow, { add, remove, flagged, read }: Change) {
  const others = labelsOf(row).filter((label) => ![...add, ...remove].some((each) => same(each, label)));
  return {
    labels: JSON.stringify([...others, ...add]),
    flagged: flagged ?? row.flagged,
    seen: read || row.seen,
  };
}

/** Until something is new, `ms` have gone by, or it is to stop. */
async function untilNews(news: PracticeNews, ms: number, stop: AbortSignal): Promise<void> {
  const done = new AbortController();
  const signal = AbortSignal.any([stop, done.signal]);
  await Promise.race([once(news, 'news', { signal }), sleep(ms, undefined, { signal })])
    .catch(() => undefined)
    .finally(() => {
      done.abort();
    });
}

const same = (a: string, b: string) => a.toLowerCase() === b.toLowerCase();

export async function changePractice(
  { store, news }: Pick<Practice, 'store' | 'news'>,
  uid: number,
  change: (row: PracticeMessageRow) => Partial<PracticeMessageRow>,
): Promise<void> {
  await store.write(async (trx) => {
    const row = await trx('practice_messages').where({ uid }).first();
    if (row) await trx('practice_messages').where({ uid }).update(change(row));
    await record(trx, [{ kind: 'practice', ref: String(uid) }]);
  });
  news.emit('news');
}

/** In the other folder it has a new number. */
export async function movePractice(
  { store, news, clock }: Practice,
  uid: number,
  folder: string,
): Promise<number> {
  const moved = await store.write(async (trx) => {
    const row = await trx('practice_messages').where({ uid }).first();
    if (!row) return uid;
    await trx('practice_messages').where({ uid }).delete();
    const { uid: _, ...rest } = row;
    const [made] = await trx('practice_messages')
      .insert({ ...rest, folder, came_at: clock().toISOString(), was_uid: uid })
      .returning('uid');
    await record(trx, [{ kind: 'practice', ref: '' }]);
    return made?.uid ?? uid;
  });
  news.emit('news');
  return moved;
}
