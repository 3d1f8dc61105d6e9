import * as contract from '@hatband/contract';
import type { Express } from 'express';
import { holidayPlaces, knownRange } from '../settings/holidays.ts';
import { saveUser } from '../settings/user.ts';
import { answer } from './answer.ts';
import type { AppOptions } from './options.ts';

/** The user, his clock and his working days. */
export function answerSettings(app: Express, { store, user, clock }: AppOptions): void {
  const current = async () => {
    const { settings, revision } = await user();
    return { settings, revision, known: settings.holidays.length === 0 ? null : knownRange(clock()) };
  };
  answer(app, contract.getSettings, current);
  answer(app, contract.saveSettings, async ({ body, revision }) => {
    await saveUser(store, user, revision, body);
    return current();
  });
  answer(app, contract.listHolidayPlaces, async () => ({ items: await holidayPlaces() }));
}
