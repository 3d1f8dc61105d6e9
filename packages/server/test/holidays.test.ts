import { expect, test } from 'vitest';
import { readConfig } from '../src/config.ts';
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
  [{ HATBAND_HOLIDAYS: 'XX' }, 'is no country or region, as in GB or DE-BY'],
  [{ HATBAND_HOLIDAYS: 'DE-XX' }, 'is no country or region, as in GB or DE-BY'],
  [{ HATBAND_CLOSED: '24.12.2026' }, 'is no list of days, as in 2026-12-24,2026-12-31'],
])('%o is refused in words', async (wrong, words) => {
  const folder = await newFolder();
  expect(() => readConfig({ ...settings(folder), ...wrong })).toThrow(words);
});

test('a region has holidays of its own', async () => {
  const folder = await newFolder();
  const closed = (place: string) => readConfig({ ...settings(folder), HATBAND_HOLIDAYS: place }).closed;
  const epiphany = `${String(new Date().getFullYear() + 1)}-01-06`;
  expect(closed('DE-BY')).toContain(epiphany);
  expect(closed('DE')).not.toContain(epiphany);
});
