import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { read } from './index.ts';
import { expectTrueQuotes } from './testSpans.ts';

const OPTIONS = { me: ['ines@quay.example'], zone: 'Europe/London', dateOrder: 'DMY' } as const;
const ARRIVED = '2026-11-24T14:00:00Z';
const readBytes = (bytes: Uint8Array) => read(bytes, OPTIONS, ARRIVED);
const readText = (mail: string) => readBytes(new TextEncoder().encode(mail));

/** Lines of the sorts that the reading looks for, in several languages, in any order. */
const line = fc.constantFrom(
  '',
  'Hi Ines,',
  'Please return the form by Friday 5pm.',
  '- Tom: book the hall by 19 March',
  '  the small one',
  '1. Budget',
  '> quoted words',
  '>> deeper',
  'On Tue, 10 Mar 2026 at 10:15, Orla <orla@cape.example> wrote:',
  '---------- Forwarded message ---------',
  'From: Orla <orla@cape.example>',
  'Von: Orla <orla@cape.example>',
  'Gesendet: Dienstag, 10. März 2026 10:15',
  'Betreff: Leihvertrag',
  'Subject: Loan',
  'Date: Tue, 10 Mar 2026 10:15:00 +0100',
  'Aufgabe | Wer | Bis',
  'Saal buchen | Tom | 19. März',
  'Merci de répondre avant le 24.',
  'Bitte bis übermorgen Mittag, dringend.',
  'Kind regards',
  'Orla Penhale',
  '+44 1632 960001 | www.cape.example',
  '-- ',
  'This e-mail is confidential. If you have received this in error, delete it immediately.',
  'Envíenos las fotos lo antes posible.',
  'the deadline has been moved from 13 March to 20 March',
);
const mail = fc
  .record({
    mine: fc.boolean(),
    subject: fc.oneof(fc.constantFrom('Loan', 'Fwd: Loan', 'WG: Re: [x] !!!', ''), fc.string()),
    lines: fc.array(line, { maxLength: 30 }),
  })
  .map(({ mine, subject, lines }) =>
    [
      `From: ${mine ? 'Ines <ines@quay.example>' : 'Bram <bram@tide.example>'}`,
      `Subject: ${subject.replace(/[\r\n]/g, ' ')}`,
      'Date: Wed, 11 Mar 2026 09:00:00 +0100',
      'Content-Type: text/plain; charset=utf-8',
      '',
      ...lines,
    ].join('\n'),
  );

describe('read', () => {
  test('takes any bytes', async () => {
    await fc.assert(
      fc.asyncProperty(fc.uint8Array({ maxLength: 2000 }), async (bytes) => {
        const { message, anatomy } = await readBytes(bytes);
        expect(anatomy.parts.reduce((sum, part) => sum + part.end - part.start, 0)).toBe(message.text.length);
      }),
    );
  });

  test('takes any words', async () => {
    await fc.assert(
      fc.asyncProperty(fc.string({ unit: 'grapheme', maxLength: 600 }), async (words) => {
        await readText(`Subject: ${words.replace(/\s/g, ' ')}\n\n${words}`);
      }),
    );
  });

  test('quotes what stands where the evidence says', async () => {
    await fc.assert(
      fc.asyncProperty(mail, async (text) => {
        expectTrueQuotes(await readText(text));
      }),
    );
  });

  test('gives the same answer twice, and for CRLF the same as for LF', async () => {
    await fc.assert(
      fc.asyncProperty(mail, async (text) => {
        const first = await readText(text);
        expect(await readText(text)).toEqual(first);
        expect(await readText(text.replaceAll('\n', '\r\n'))).toEqual(first);
      }),
    );
  });

  test('invents no date where there are neither digits nor words for dates', async () => {
    const word = fc.constantFrom(
      'please',
      'send',
      'the',
      'form',
      'bitte',
      'merci',
      'de',
      'until',
      'vor',
      'avant',
      'so',
      'sol',
    );
    await fc.assert(
      fc.asyncProperty(fc.array(word, { maxLength: 40 }), async (words) => {
        const { facts } = await readText(`Subject: x\n\n${words.join(' ')}`);
        expect(facts.dates).toEqual([]);
      }),
    );
  });
});
