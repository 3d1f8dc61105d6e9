import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { decode } from '../mail/index.ts';
import { takeApart, wordsOf } from './index.ts';

const ME = 'ines@quay.example';

async function apart(mail: string, me: string[] = [ME]) {
  const message = await decode(new TextEncoder().encode(mail));
  const anatomy = takeApart(message, { me, dateOrder: 'DMY' });
  const words = (kind: 'note' | 'latest' | 'history' | 'signature') => wordsOf(message.text, anatomy, kind);
  return { message, anatomy, words };
}

const FORWARD = `From: Ines <${ME}>
Subject: Fwd: Loan form
Date: Tue, 24 Nov 2026 14:02:00 +0000

Needs a signature.

---------- Forwarded message ---------
From: Orla Penhale <orla@cape.example>
Date: Mon, 23 Nov 2026 at 16:48
Subject: Loan form
To: Ines <${ME}>

Please return the form.

--${' '}
Orla, Harbour Steps

On Fri, 20 Nov 2026 at 10:00, Ines <${ME}> wrote:
> earlier words
`;

describe('takeApart', () => {
  test('parts a forward into note, newest words, signature and history', async () => {
    const { anatomy, words } = await apart(FORWARD);
    expect(words('note')).toBe('Needs a signature.');
    expect(words('latest')).toBe('Please return the form.');
    expect(words('signature')).toContain('Harbour Steps');
    expect(words('history')).toContain('earlier words');
    expect(anatomy).toMatchObject({
      who: { name: 'Orla Penhale', address: 'orla@cape.example' },
      sentAt: '2026-11-23T16:48:00',
      forwarded: true,
      originalSubject: 'Loan form',
    });
  });

  test('takes a forwarder for the user where no address of his is known', async () => {
    expect((await apart(FORWARD, [])).words('note')).toBe('Needs a signature.');
  });

  test('takes words that somebody else put above a forward for the newest', async () => {
    const { anatomy, words } = await apart(FORWARD, ['other@quay.example']);
    expect(words('latest')).toBe('Needs a signature.');
    expect(words('history')).toContain('Please return the form.');
    expect(anatomy.who?.address).toBe(ME);
  });

  test('reads the message under the user’s own answer', async () => {
    const { anatomy, words } = await apart(
      `From: Ines <${ME}>\nSubject: Re: Crates\nDate: Tue, 24 Nov 2026 09:00:00 +0000\n\nI take this one.\n\nOn Mon, 23 Nov 2026 at 08:00, Bram Okafor <bram@tide.example>\nwrote:\n> Send the sizes,\n> please.\n>> older\n`,
    );
    expect(words('note')).toBe('I take this one.');
    expect(words('latest')).toBe('Send the sizes,\nplease.');
    expect(words('history')).toContain('older');
    expect(anatomy.who).toEqual({ name: 'Bram Okafor', address: 'bram@tide.example' });
  });

  test('takes a message of the user to himself for a note', async () => {
    const { anatomy, words } = await apart(`From: Ines <${ME}>\nSubject: x\n\nOrder gel.`);
    expect(words('note')).toBe('Order gel.');
    expect(words('latest')).toBe('');
    expect(anatomy.who?.address).toBe(ME);
  });

  test('is not taken in by a line that only looks like a header', async () => {
    const { anatomy, words } = await apart(
      'From: a@b.example\nSubject: x\n\nFrom: the quay\nTo: the store\nwe carry it.',
    );
    expect(anatomy.forwarded).toBe(false);
    expect(words('latest')).toContain('we carry it.');
  });

  test('covers the whole text with parts that follow one another', async () => {
    const line = fc.constantFrom(
      '',
      'words',
      '> quoted',
      '>> deep',
      '-- ',
      'On 3 May 2026, A <a@b.example> wrote:',
      '---------- Forwarded message ---------',
      'From: A <a@b.example>',
      'Subject: y',
      'Date: x',
    );
    await fc.assert(
      fc.asyncProperty(fc.array(line, { maxLength: 24 }), fc.boolean(), async (lines, mine) => {
        const { message, anatomy } = await apart(
          `From: ${mine ? ME : 'b@c.example'}\nSubject: x\n\n${lines.join('\n')}`,
        );
        let at = 0;
        for (const part of anatomy.parts) {
          expect(part.start).toBe(at);
          expect(part.end).toBeGreaterThan(part.start);
          at = part.end;
        }
        expect(at).toBe(message.text.length);
      }),
    );
  });
});
