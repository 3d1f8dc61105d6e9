import { UserSettings } from '@hatband/contract';
import type { ReadOptions } from '@hatband/core/reading';
import type { Context } from '@hatband/core/rules';
import { z } from 'zod';
import type { Clock } from '../clock.ts';
import { Failure, StartFailure } from '../errors.ts';
import { record, parseJson, type Store } from '../store/index.ts';
import { isHolidayPlace, knownRange, publicHolidays } from './holidays.ts';

/** What reading and rules know of the user: his settings, with the holidays counted out. */
export interface User {
  settings: UserSettings;
  revision: number;
  readOptions: ReadOptions;
  context: Pick<Context, 'me' | 'zone' | 'dateOrder' | 'calendar' | 'decimal' | 'replies'>;
}

/** The user as he is now. */
export type UserNow = () => Promise<User>;

/**
 * The settings of the store; before any were saved those of the configuration. Throws StartFailure where its holidays
 * are of no place.
 */
export async function openUser(store: Store, first: UserSettings, clock: Clock): Promise<UserNow> {
  await requirePlaces(first.holidays).catch(() => {
    throw new StartFailure(
      'The setting HATBAND_HOLIDAYS cannot be used: is no country or region, as in GB or DE-BY.',
    );
  });
  let known: { seq: number; year: number; user: User } | null = null;
  return async () => {
    const row = await store.read('events').where({ kind: 'settings' }).max({ seq: 'seq' }).first();
    const seq = row?.seq ?? 0;
    const now = clock();
    if (known?.seq === seq && known.year === now.getUTCFullYear()) return known.user;
    const user = await loadUser(store, first, now);
    known = { seq, year: now.getUTCFullYear(), user };
    return user;
  };
}

async function loadUser(store: Store, first: UserSettings, now: Date): Promise<User> {
  const row = await store.read('settings').where({ key: 'user' }).first();
  const saved = row ? parseJson(Saved, row.value) : { settings: first, revision: 0 };
  return userOf(saved.settings, saved.revision, now);
}

const Saved = z.object({ settings: UserSettings, revision: z.number() });

export async function userOf(settings: UserSettings, revision: number, now: Date): Promise<User> {
  const { me, zone, dateOrder, languages, workdays, decimal, replies } = settings;
  const holidays = await Promise.all(settings.holidays.map((place) => publicHolidays(place, now)));
  const closed = [...new Set([...holidays.flat(), ...settings.closed])].toSorted();
  const known = settings.holidays.length === 0 ? null : knownRange(now);
  return {
    settings,
    revision,
    readOptions: { me, zone, dateOrder, languages, workdays, closed },
    context: { me, zone, dateOrder, calendar: { workdays, closed, known }, decimal, replies },
  };
}

/** Throws where another change came first, or a place has no known holidays. */
export async function saveUser(
  store: Store,
  user: UserNow,
  revision: number,
  settings: UserSettings,
): Promise<void> {
  await requirePlaces(settings.holidays);
  if ((await user()).revision !== revision)
    throw new Failure('stale', 'The settings were changed elsewhere meanwhile; look at them again.');
  const value = JSON.stringify({ settings, revision: revision + 1 });
  await store.write(async (trx) => {
    await trx('settings').insert({ key: 'user', value }).onConflict('key').merge();
    await record(trx, [{ kind: 'settings', ref: '' }]);
  });
}

async function requirePlaces(places: readonly string[]): Promise<void> {
  for (const place of places) {
    if (await isHolidayPlace(place)) continue;
    const message = `No public holidays are known of ${place}.`;
    throw new Failure('input', message, [{ path: 'holidays', message }]);
  }
}
