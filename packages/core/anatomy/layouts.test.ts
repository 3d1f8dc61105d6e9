import { describe, expect, test } from 'vitest';
import { fold } from '../languages/index.ts';
import { decode } from '../mail/index.ts';
import { LAYOUTS, takeApart, wordsOf } from './index.ts';

const ME = 'ines@quay.example';
const HEAD = `From: Ines <${ME}>\nSubject: Fwd: Loan\nDate: Wed, 11 Mar 2026 09:00:00 +0100\nContent-Type: text/plain; charset=utf-8\n\n`;

async function apart(body: string, head = HEAD) {
  const message = await decode(new TextEncoder().encode(head + body));
  const anatomy = takeApart(message, { me: [ME], dateOrder: 'DMY' });
  const words = (kind: 'note' | 'latest' | 'signature' | 'footer' | 'history') =>
    wordsOf(message.text, anatomy, kind);
  return { anatomy, words };
}

const ORLA = { name: 'Orla Penhale', address: 'orla@cape.example' };
const first = (words: string) => words.split('|')[0] ?? '';
const capital = (word: string) => word.charAt(0).toUpperCase() + word.slice(1);

describe.each(LAYOUTS)('layouts in $language', ({ markers, headers, wrote }) => {
  const label = (words: string) => capital(first(words));
  const block = [
    `${label(headers.from)}: Orla Penhale <orla@cape.example>`,
    `${label(headers.sent)}: 10.03.2026 10:15`,
    `${label(headers.to)}: Ines <${ME}>`,
    `${label(headers.subject)}: Loan`,
  ];

  test.each([
    ['dashes', `---------- ${first(markers)} ----------\n${block.join('\n')}\n\nThe form.`],
    ['underscores', `______________________________\n${block.join('\n')}\n\nThe form.`],
    ['nothing', `${block.join('\n')}\n\nThe form.`],
    [
      'a line and quote marks',
      `${capital(first(markers))}:\n\n${[...block, '', 'The form.'].map((l) => `> ${l}`).join('\n')}`,
    ],
    ['blank lines between', `${first(markers)}:\n\n${block.join('\n\n')}\n\nThe form.`],
  ])('a forward under %s', async (_, quoted) => {
    const { anatomy, words } = await apart(`Note.\n\n${quoted}\n`);
    expect(anatomy).toMatchObject({ who: ORLA, sentAt: '2026-03-10T10:15:00', forwarded: true });
    expect([words('note'), words('latest')]).toEqual(['Note.', 'The form.']);
  });

  test.each(wrote.split('|'))('a reply under a line with “%s”', async (verb) => {
    const head = HEAD.replace('Fwd:', 'Re:');
    const { anatomy, words } = await apart(
      `Note.\n\n10.03.2026 10:15 ${verb} Orla Penhale <orla@cape.example>:\n> The form.\n>> older\n`,
      head,
    );
    expect(anatomy).toMatchObject({ who: ORLA, sentAt: '2026-03-10T10:15:00' });
    expect([words('note'), words('latest')]).toEqual(['Note.', 'The form.']);
  });

  test('words of mail programs fold to something', () => {
    for (const words of [markers, wrote, ...Object.values(headers)]) expect(fold(words)).not.toBe('');
  });
});

describe('whose words count', () => {
  const forward = (from: string, words: string, subject = 'Loan') =>
    `---------- Forwarded message ---------\nFrom: ${from}\nDate: Tue, 10 Mar 2026 at 10:15\nSubject: ${subject}\n\n${words}\n\n`;

  test('a forward of a forward: the innermost, unless somebody between asks himself', async () => {
    const inner = forward('Orla Penhale <orla@cape.example>', 'Please return the form.');
    expect((await apart(forward('Tom <tom@quay.example>', 'FYI', 'Fwd: Loan') + inner)).words('latest')).toBe(
      'Please return the form.',
    );
    const asked = await apart(
      forward('Tom <tom@quay.example>', 'Please check the value.', 'Fwd: Loan') + inner,
    );
    expect(asked.words('latest')).toBe('Please check the value.');
    expect(asked.anatomy.who?.address).toBe('tom@quay.example');
  });

  test('interleaved answers are the sender’s own paragraphs in order', async () => {
    const head = 'From: Orla Penhale <orla@cape.example>\nSubject: Re: Crates\n\n';
    const { words } = await apart(
      `On Tue, 10 Mar 2026 at 10:15, Ines <${ME}> wrote:\n> How many?\nThree.\n\n> How high?\nTwo metres.\n`,
      head,
    );
    expect(words('latest').replace(/\s+/g, ' ')).toBe('Three. Two metres.');
  });

  test('signature, legal footer, list footer and banner are left out, the sign-off and a postscript stay', async () => {
    const head = 'From: Orla Penhale <orla@cape.example>\nSubject: Plan\n\n';
    const banner = 'CAUTION: This email originated from outside of the organization. Do not click links.\n\n';
    const legal =
      '\n\nThis email is confidential. If you have received this email in error, delete it immediately.';
    const list =
      '\n_______________________________________________\ntide mailing list\nhttps://lists.example/tide';
    const signed = 'Review the plan.\n\nKind regards,\nOrla\n';
    const one = await apart(`${banner}${signed}\nRegistrar | North Cape\nT: +44 1632 960001${legal}`, head);
    expect(one.words('latest')).toBe('Review the plan.\n\nKind regards,\nOrla');
    expect(one.words('signature')).toContain('Registrar');
    expect(one.words('footer')).toContain('confidential');
    expect((await apart(`${signed}${list}`, head)).words('latest')).toBe(
      'Review the plan.\n\nKind regards,\nOrla',
    );
    expect((await apart(`${signed}\nP.S. Bring the blue folder.`, head)).words('latest')).toContain('P.S.');
  });

  test.each<[string, string, string]>([
    [
      'a rule above short lines with a phone number',
      'Review the plan.\n\n======\nOrla Penhale\nT: +44 1632 960001',
      'Review the plan.',
    ],
    [
      'a rule above words that ask',
      'Review the plan.\n\n======\nCan you call +44 1632 960001?',
      'Review the plan.\n\n======\nCan you call +44 1632 960001?',
    ],
    [
      'a sign-off right above the legal lines',
      'Review the plan.\n\nKind regards\nThis email is confidential. If you have received this email in error, delete it.',
      'Review the plan.\n\nKind regards',
    ],
    [
      'thanks that go on in the next line',
      'Thank you for sending the plan\nbefore Friday.',
      'Thank you for sending the plan\nbefore Friday.',
    ],
    [
      'a name behind the sign-off',
      'Review the plan.\n\nThanks, Orla\nRegistrar\nT: +44 1632 960001',
      'Review the plan.\n\nThanks, Orla',
    ],
    [
      'the name below the sign-off',
      'Review the plan.\n\nThanks\nOrla\nRegistrar\nT: +44 1632 960001',
      'Review the plan.\n\nThanks\nOrla',
    ],
    ['sent from a phone', 'Review the plan.\n\nSent from my phone', 'Review the plan.'],
  ])('%s', async (_, body, latest) => {
    const { words } = await apart(body, 'From: Orla Penhale <orla@cape.example>\nSubject: Plan\n\n');
    expect(words('latest')).toBe(latest);
  });

  test('an attached message is taken apart like a forward', async () => {
    const head = `From: Ines <${ME}>\nSubject: Fwd: Loan\nMIME-Version: 1.0\nContent-Type: multipart/mixed; boundary=b\n\n`;
    const inner =
      'From: Orla Penhale <orla@cape.example>\nDate: Tue, 10 Mar 2026 10:15:00 +0100\nSubject: Loan\n\nThe form.';
    const { anatomy, words } = await apart(
      `--b\n\nNote.\n--b\nContent-Type: message/rfc822\n\n${inner}\n--b--\n`,
      head,
    );
    expect(anatomy).toMatchObject({
      who: ORLA,
      sentAt: '2026-03-10T10:15:00+01:00',
      originalSubject: 'Loan',
    });
    expect([words('note'), words('latest')]).toEqual(['Note.', 'The form.']);
  });
});
