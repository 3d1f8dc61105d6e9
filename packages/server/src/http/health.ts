import type { Health } from '@hatband/contract';
import type { Clock } from '../clock.ts';
import type { Store } from '../store/index.ts';

export interface HealthOptions {
  clock: Clock;
  zone: string;
  smtpHost: string;
  smtpPort: number;
  readerVersion: number;
}

export async function readHealth(store: Store, { clock, ...rest }: HealthOptions): Promise<Health> {
  const { read } = store;
  const queue = await read('arrivals')
    .whereIn('state', ['stored', 'ready'])
    .count({ n: '*' })
    .min({ oldest: 'received_at' })
    .first();
  const failed = await read('arrivals').where({ outcome_kind: 'failed' }).count({ n: '*' }).first();
  const last = await read('arrivals').orderBy('id', 'desc').first('received_at');
  const now = clock();
  const oldest: unknown = queue?.oldest;
  return {
    queueDepth: Number(queue?.n ?? 0),
    oldestAgeSeconds:
      typeof oldest === 'string' ? Math.max(0, (now.getTime() - Date.parse(oldest)) / 1000) : null,
    failed: Number(failed?.n ?? 0),
    lastArrivalAt: last?.received_at ?? null,
    now: now.toISOString(),
    ...rest,
  };
}
