import type { ChangeEvent } from '@hatband/contract';
import { useQueryClient } from '@tanstack/react-query';

/** What can change: on the server, as its events tell it, or by the user's own signing in and out. */
export type Changed = Exclude<ChangeEvent['kind'], 'everything'> | 'session';

/** How many gaps and proposals there are, for the rail. */
export const RAIL_COUNTS = 'rail counts';

/** The queries that each kind of change makes stale, by the first word of their keys; the only place that knows. */
export const STALE: Record<Changed, readonly string[]> = {
  arrival: ['arrivals', 'search', 'samples', 'rules', 'health', 'practice'],
  task: ['tasks', 'arrivals', 'search', RAIL_COUNTS],
  rule: ['rules', 'samples'],
  address: ['addresses', 'mailboxes'],
  mailbox: ['mailboxes', 'addresses'],
  practice: ['practice'],
  import: ['imports'],
  settings: ['settings', 'samples', 'health'],
  project: ['projects', 'addresses', 'samples', 'rules', 'tasks', 'arrivals', RAIL_COUNTS],
  named: ['named', 'samples', 'rules'],
  act: ['acts'],
  view: ['views'],
  session: ['session'],
};

/** Asks anew for what a change of one's own makes stale, without waiting for the server to tell of it. */
export function useRefresh(): (...changed: Changed[]) => Promise<void> {
  const client = useQueryClient();
  return async (...changed) => {
    const keys = new Set(changed.flatMap((kind) => STALE[kind]));
    await Promise.all([...keys].map((key) => client.invalidateQueries({ queryKey: [key] })));
  };
}
