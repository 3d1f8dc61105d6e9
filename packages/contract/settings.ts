import { DateOrder } from '@hatband/core/dates';
import { LanguageCode } from '@hatband/core/languages';
import { Zone } from '@hatband/core/reading';
import { DecimalMark } from '@hatband/core/tasks';
import { z } from 'zod';
import { endpoint } from './endpoint.ts';

/** The user, his clock and the days on which he works. */
export const UserSettings = z.strictObject({
  /** His own addresses, in lower case. */
  me: z.array(z.string().trim().toLowerCase().pipe(z.email('An address, as in ines@saltmarsh.example.'))),
  zone: Zone,
  dateOrder: DateOrder,
  /** The languages that his mail is in; of none, all that Hatband reads. */
  languages: z.array(LanguageCode).default([]),
  /** From 1, Monday. */
  workdays: z.array(z.number().int().min(1).max(7)).min(1, 'At least one day of the week is worked on.'),
  /** Countries, or regions of them, whose public holidays are no working days: `GB`, `DE-BY`. */
  holidays: z.array(z.string().min(2).max(20)),
  /** Further ISO days on which he does not work. */
  closed: z.array(z.iso.date('A day, as in 2026-12-24.')),
  /** The decimal mark of numbers and amounts in his mail; null: as each of them looks. */
  decimal: DecimalMark.nullable().default(null),
  /** What a reply becomes that no rule takes, where its thread has an open task. */
  replies: z.enum(['task', 'comment']).default('task'),
});
export type UserSettings = z.infer<typeof UserSettings>;

const answer = z.object({
  settings: UserSettings,
  revision: z.number(),
  /** The first and the last ISO day whose public holidays are known; null without a country. */
  known: z.object({ from: z.string(), to: z.string() }).nullable(),
});

export const getSettings = endpoint({ method: 'get', path: '/api/settings', answer });
export const saveSettings = endpoint({
  method: 'put',
  path: '/api/settings',
  body: UserSettings,
  revision: true,
  answer,
});

/** The countries with known holidays, each with its regions. */
export const listHolidayPlaces = endpoint({
  method: 'get',
  path: '/api/holiday-places',
  answer: z.object({ items: z.array(z.object({ code: z.string(), name: z.string() })) }),
});
