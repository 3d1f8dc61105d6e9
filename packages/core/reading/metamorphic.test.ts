import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { read } from './index.ts';

const OPTIONS = { me: ['ines@quay.example'], zone: 'Europe/London', dateOrder: 'DMY' } as const;
const DAY = 86_400_000;
const SENT = Date.UTC(2026, 2, 10, 10, 15);

/** Letters that ask for THING by a weekday; nothing in them but THING names what it is about. */
const LETTERS = [
  'Good morning,\n\nthe second half went out last week. Could you send us the signed THING by Friday? The address has not changed.\n\nMoll',
  'Guten Tag,\n\ndie zweite Hälfte ging letzte Woche hinaus. Könnten Sie uns bis Freitag THING schicken? Die Anschrift ist dieselbe.\n\nMoll',
  'Bonjour,\n\nla seconde moitié est partie. Merci de nous envoyer THING avant vendredi. L’adresse reste la même.\n\nMoll',
  'Buenos días:\n\nla segunda mitad ya salió. Les rogamos que nos envíen THING antes del viernes. La dirección es la misma.\n\nMoll',
  'Bom dia,\n\na segunda metade já saiu. Agradecemos que nos envie THING até sexta-feira. A morada é a mesma.\n\nMoll',
  'Goedemorgen,\n\nde tweede helft ging de deur uit. Wilt u ons uiterlijk vrijdag THING sturen? Het adres is hetzelfde.\n\nMoll',
  'Buongiorno,\n\nla seconda metà è partita. Vi preghiamo di inviarci THING entro venerdì. L’indirizzo è lo stesso.\n\nMoll',
  'God morgon,\n\nden andra halvan har gått i väg. Kan ni skicka THING senast fredag? Adressen är densamma.\n\nMoll',
];

async function readLetter(text: string, sentAt = SENT): Promise<{ title: string; due: string | null }> {
  const mail = `From: Moll <moll@brewery.example>\nTo: ines@quay.example\nSubject: Second half\nDate: ${new Date(sentAt).toUTCString()}\nContent-Type: text/plain; charset=utf-8\n\n${text}`;
  const { facts } = await read(new TextEncoder().encode(mail), OPTIONS, '2026-03-10T10:20:00Z');
  const due = facts.deadline === null ? null : (facts.dates[facts.deadline]?.date ?? null);
  return { title: facts.title.value, due };
}

/** Words of no language, so that nothing is known of them. */
const nonsense = fc.stringMatching(/^(?:[BDFGKLMPRTVZ][aeiou](?:[bdfgklmprtvz][aeiou]){1,3}x)$/);
const wrapped = (text: string, width: number) =>
  text.replace(new RegExp(`(?=.{${width}})(.{1,${width}})[ ](?=\\S)`, 'g'), '$1\n');

describe('what must not change the answer does not', () => {
  test.each(LETTERS)('the thing that is asked for: %s', async (letter) => {
    await fc.assert(
      fc.asyncProperty(nonsense, async (thing) => {
        const { title, due } = await readLetter(letter.replace('THING', thing));
        expect(due).toBe('2026-03-13');
        expect(title).toContain(thing);
        expect(title.split(' ').length).toBeLessThanOrEqual(4);
      }),
      { numRuns: 15 },
    );
  });

  test.each(LETTERS)('where the lines break: %s', async (letter) => {
    const text = letter.replace('THING', 'Bapox');
    const whole = await readLetter(text);
    for (const width of [30, 45, 72]) expect(await readLetter(wrapped(text, width))).toEqual(whole);
  });

  test.each(LETTERS)('the week it was sent in moves the day with it: %s', async (letter) => {
    for (const weeks of [1, 17, 45]) {
      const { due } = await readLetter(letter.replace('THING', 'Bapox'), SENT + weeks * 7 * DAY);
      expect(due).toBe(new Date(Date.UTC(2026, 2, 13) + weeks * 7 * DAY).toISOString().slice(0, 10));
    }
  });
});
