import type { ChangeEvent } from '@hatband/contract';
import type { Background } from './background.ts';
import type { EventRow, Store } from './store/index.ts';

/** Older events are forgotten; a page that asks for them reads everything anew. */
const KEPT = 10_000;
/** At most ten sends a second. */
const PAUSE_MS = 100;

type Kind = EventRow['kind'];

export interface Events {
  /** Sends what came after `since` and from then on all that comes, until the answer is called. */
  subscribe: (since: number | null, send: (events: ChangeEvent[]) => void) => () => void;
  close: () => void;
}

export function makeEvents(store: Store, background: Background): Events {
  const subscribers = new Set<{ seq: number; send: (events: ChangeEvent[]) => void }>();
  let timer: NodeJS.Timeout | null = null;
  let last = 0;

  const flush = async () => {
    timer = null;
    last = Date.now();
    for (const subscriber of subscribers) {
      const events = await since(store, subscriber.seq);
      const newest = events.at(-1);
      if (!newest || !subscribers.has(subscriber)) continue;
      subscriber.seq = newest.seq;
      subscriber.send(events);
    }
  };
  const schedule = () => {
    timer ??= setTimeout(
      () => {
        background('telling pages what changed', flush);
      },
      Math.max(0, last + PAUSE_MS - Date.now()),
    );
  };
  store.onChange(schedule);
  return {
    subscribe: (seen, send) => {
      const subscriber = { seq: seen ?? Number.MAX_SAFE_INTEGER, send };
      let isOver = false;
      background('telling a page what it missed', async () => {
        const newest = await newestSeq(store);
        if (isOver) return;
        subscriber.seq = Math.min(subscriber.seq, newest);
        subscribers.add(subscriber);
        schedule();
      });
      return () => {
        isOver = true;
        subscribers.delete(subscriber);
      };
    },
    close: () => {
      if (timer) clearTimeout(timer);
      subscribers.clear();
    },
  };
}

async function newestSeq(store: Store): Promise<number> {
  const row = await store.read('events').max({ seq: 'seq' }).first();
  return row?.seq ?? 0;
}

/** The changes after `seq`, those of one kind folded to one line. */
async function since(store: Store, seq: number): Promise<ChangeEvent[]> {
  const oldest = await store.read('events').min({ seq: 'seq' }).first();
  const rows = await store.read('events').where('seq', '>', seq).orderBy('seq');
  const newest = rows.at(-1);
  if (!newest) return [];
  if ((oldest?.seq ?? 0) > seq + 1) return [{ seq: newest.seq, kind: 'everything', id: null }];
  const folded = new Map<Kind, ChangeEvent>();
  for (const { seq: at, kind, ref } of rows) {
    const same = folded.get(kind);
    folded.delete(kind);
    folded.set(kind, { seq: at, kind, id: (same && same.id !== ref) || ref === '' ? null : ref });
  }
  return [...folded.values()];
}

/** Forgets all but the newest events; run at start. */
export async function pruneEvents(store: Store): Promise<void> {
  const newest = await newestSeq(store);
  await store.write((trx) =>
    trx('events')
      .where('seq', '<=', newest - KEPT)
      .delete(),
  );
}
