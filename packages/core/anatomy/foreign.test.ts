import { describe, expect, test } from 'vitest';
import { decode } from '../mail/index.ts';
import { takeApart, wordsOf } from './index.ts';

const ME = 'ines@quay.example';
const ORLA = { name: 'Orla Penhale', address: 'orla@cape.example' };

async function apart(body: string, subject = 'Fwd: Loan 44') {
  const head = `From: Ines <${ME}>\nSubject: ${subject}\nDate: Wed, 11 Mar 2026 09:00:00 +0100\nContent-Type: text/plain; charset=utf-8\n\n`;
  const message = await decode(new TextEncoder().encode(head + body));
  const anatomy = takeApart(message, { me: [ME], dateOrder: 'DMY' });
  const { who, sentAt } = anatomy;
  const words = (kind: 'note' | 'latest') => wordsOf(message.text, anatomy, kind);
  return { who, sentAt, note: words('note'), latest: words('latest') };
}

const READ = { who: ORLA, sentAt: '2026-03-10T10:15:00', note: 'Note.', latest: 'The form.' };

/** From, sent, to and subject, as mail programs write them in languages that no layout knows. */
const HEADERS = [
  ['Fra', 'Sendt', 'Til', 'Emne', 'tirsdag den 10. marts 2026 kl. 10.15'],
  ['Od', 'Datum', 'Komu', 'Předmět', 'úterý 10. března 2026 v 10:15'],
  ['Od', 'Wysłano', 'Do', 'Temat', 'wtorek, 10 marca 2026 10:15'],
  ['Lähettäjä', 'Lähetetty', 'Vastaanottaja', 'Aihe', 'tiistai 10. maaliskuuta 2026 klo 10.15'],
  ['Feladó', 'Elküldve', 'Címzett', 'Tárgy', '2026. március 10., kedd 10:15'],
  ['Від', 'Дата', 'Кому', 'Тема', 'вівторок, 10 березня 2026 р. о 10:15'],
  ['Gönderen', 'Gönderilen', 'Kime', 'Konu', '10 Mart 2026 Salı 10:15'],
  ['差出人', '日時', '宛先', '件名', '2026年3月10日 10:15'],
];

describe.each(HEADERS)('header lines %s, %s, %s, %s', (from, sent, to, subject, day) => {
  const block = [
    `${from}: Orla Penhale <orla@cape.example>`,
    `${sent}: ${day}`,
    `${to}: Ines <${ME}>`,
    `${subject}: Loan 44`,
  ];
  const quoted = [...block, '', 'The form.'].map((line) => `> ${line}`).join('\n');

  test.each([
    ['below a rule', `________________________________\n${block.join('\n')}\n\nThe form.`],
    ['below words between dashes', `------ ${subject} ------\n${block.join('\n')}\n\nThe form.`],
    ['below an English line', `---------- Forwarded message ---------\n${block.join('\n')}\n\nThe form.`],
    ['below nothing', `${block.join('\n')}\n\nThe form.`],
    ['quoted below a line with a colon', `${subject} ${from}:\n\n${quoted}`],
  ])('%s', async (_, body) => {
    expect(await apart(`Note.\n\n${body}\n`)).toEqual(READ);
  });
});

describe('the line above a quote', () => {
  test.each([
    'W dniu 10 marca 2026 10:15 „Orla Penhale” <orla@cape.example> napisała:',
    'D. 10. marts 2026 kl. 10.15 skrev "Orla Penhale" <orla@cape.example>:',
    '"Orla Penhale" <orla@cape.example>, 10.03.2026 10:15 tarihinde şunu yazdı:',
    'Orla Penhale <orla@cape.example> kirjoitti 10.3.2026 klo 10.15:',
    '10.03.2026 10:15, "Orla Penhale" <orla@cape.example> пишет:',
    'Le 10 mars 2026 à 10:15, « Orla Penhale » <orla@cape.example> a écrit :',
    'On 10 Mar 2026, at 10:15, Orla Penhale <orla@cape.example> wrote:',
    'On Tue, Mar 10, 2026 at 10:15 AM Orla Penhale\n<orla@cape.example> wrote:',
    'Il giorno mar 10 mar 2026 alle ore 10:15 Orla Penhale\n<orla@cape.example>\nha scritto:',
  ])('%s', async (intro) => {
    const answered = (gap: string) => apart(`Note.${gap}${intro}\n\n> The form.\n`, 'Re: Loan 44');
    expect(await answered('\n\n')).toEqual(READ);
    expect(await answered('\n')).toEqual(READ);
  });

  test('a day and an address without a colon', async () => {
    const { who, note } = await apart('Note.\n2026/3/10 Orla Penhale <orla@cape.example>\n\n> The form.\n');
    expect([who, note]).toEqual([ORLA, 'Note.']);
  });

  test('a marker with no header lines', async () => {
    const { note, latest } = await apart('Note.\n\n-----Original Message-----\n\nThe form.\n');
    expect([note, latest]).toEqual(['Note.', 'The form.']);
  });
});

describe('what only looks like header lines', () => {
  const from = 'From: Bo <bo@cape.example>\nSubject: Works\n\n';
  test.each([
    [
      'a signature',
      'Please paint it.\n\n--------\nTel: 0632 555 0199\nMail: bo@cape.example\nWeb: cape.example',
    ],
    ['a contact', 'Ask at the gate.\n\nContact: bo@cape.example\nPlace: Quay 4\nOpens: 10:15\nGate: B'],
    [
      'a memo',
      'To: all hands\nDate: 10 March 2026\nFrom: the harbour office\nSubject: crane\n\nPlease paint it.',
    ],
  ])('%s', async (_, body) => {
    const message = await decode(new TextEncoder().encode(`${from}${body}\n`));
    const anatomy = takeApart(message, { me: [ME], dateOrder: 'DMY' });
    expect(anatomy.who?.address).toBe('bo@cape.example');
    expect(body).toContain(wordsOf(message.text, anatomy, 'latest').split('\n')[0]);
    expect(anatomy.parts.some(({ kind }) => kind === 'history' || kind === 'heading')).toBe(false);
  });
});

describe('a signature without a mark', () => {
  const words = 'Please paint it.';
  test.each([
    'James Public,\u00a0Harbour Manager\n\n46 Quay Street, Cape\nP:\u00a0800-555-1234 | C: 818-555-4321\nwww.cape.example',
    'Orla van der Meer\n\nKeeper of boats\n\n+44 632 555 0199',
    'Orla Penhale\nKeeper of boats\norla@cape.example',
  ])('%s', async (signature) => {
    expect((await apart(`${words}\n\n${signature}\n`, 'Paint')).note).toBe(words);
  });

  test.each(['Ask Bo.\n\nRing +44 632 555 0199', 'Orla Penhale\n\nShe needs it today.'])(
    'words: %s',
    async (more) => {
      expect((await apart(`${words}\n\n${more}\n`, 'Paint')).note).toBe(`${words}\n\n${more}`);
    },
  );
});
