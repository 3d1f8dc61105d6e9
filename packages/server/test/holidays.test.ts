import { expect, test } from 'vitest';
import { readConfig } from '../src/config.ts';
import { publicHolidays } from '../src/settings/holidays.ts';
import { newFolder, settings, settled, startTestServer } from './testServer.ts';

test('public holidays and the user’s own closed days are no working days', async () => {
  const server = await startTestServer({}, undefined, {
    HATBAND_HOLIDAYS: 'DE',
    HATBAND_CLOSED: '2026-12-23, 2026-12-29',
  });
  try {
    await server.send({
      raw: 'From: orla@northcape.example\r\nSubject: Form\r\nDate: Mon, 21 Dec 2026 10:00:00 +0100\r\n\r\nPlease sign it within three working days.\r\n',
    });
    const [arrival] = (await settled(server, 1)).items;
    expect(arrival?.tasks).toMatchObject([{ due: '2026-12-28' }]);
  } finally {
    await server.end();
  }
});

test.each([
  ['XX', 'The setting HATBAND_HOLIDAYS cannot be used: is no country or region, as in GB or DE-BY.'],
  ['DE-XX', 'The setting HATBAND_HOLIDAYS cannot be used: is no country or region, as in GB or DE-BY.'],
])('holidays of %s are refused in words', async (place, words) => {
  await expect(startTestServer({}, undefined, { HATBAND_HOLIDAYS: place })).rejects.toThrow(words);
});

test.each(['24.12.2026', '2026-12-24;2026-12-31', '2026-13-01'])('closed on %s is refused', async (days) => {
  const folder = await newFolder();
  expect(() => readConfig({ ...settings(folder), HATBAND_CLOSED: days })).toThrow('is no list of days');
});

test('a region has holidays of its own', async () => {
  const closed = (place: string) => publicHolidays(place, new Date('2026-11-24T10:00:00Z'));
  expect(await closed('DE-BY')).toContain('2027-01-06');
  expect(await closed('DE')).not.toContain('2027-01-06');
});
