import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { decode, dropAttachments } from '../mail/index.ts';
import { judge, parseSenders, Policy } from './index.ts';
import { isSameSending } from './sameSending.ts';

const context = {
  me: ['ines@saltmarsh.example'],
  people: [
    { name: 'Orla Finch', addresses: ['orla@northcape.example'], organisation: null, groups: ['Lenders'] },
  ],
};

const verdict = (policy: object, knock: object = {}) =>
  judge(Policy.parse(policy), { sender: 'quill@ropewalk.example', size: 1000, today: 0, ...knock }, context);

describe('who is let in', () => {
  test.each([
    ['anyone', { kind: 'anyone' }, 'quill@ropewalk.example', true],
    ['nobody known', { kind: 'anyone' }, null, true],
    ['me', { kind: 'me' }, 'Ines@Saltmarsh.example', true],
    ['me', { kind: 'me' }, 'quill@ropewalk.example', false],
    ['no sender', { kind: 'me' }, null, false],
    ['an address', { kind: 'these', who: ['quill@ropewalk.example'] }, 'quill@ropewalk.example', true],
    ['a domain', { kind: 'these', who: ['ropewalk.example'] }, 'quill@post.ropewalk.example', true],
    ['a domain that ends alike', { kind: 'these', who: ['walk.example'] }, 'quill@ropewalk.example', false],
    ['a person', { kind: 'these', who: ['Orla Finch'] }, 'orla@northcape.example', true],
    ['a group', { kind: 'these', who: ['lenders'] }, 'orla@northcape.example', true],
    ['somebody else', { kind: 'these', who: ['lenders', 'me'] }, 'quill@ropewalk.example', false],
  ])('%s', (_, senders, sender, welcome) => {
    expect(verdict({ senders }, { sender }) === null).toBe(welcome);
  });

  test('who is blocked is refused whatever else is said', () => {
    const policy = { senders: { kind: 'anyone' }, blocked: ['ropewalk.example'] };
    expect(verdict(policy)).toMatchObject({ failure: 'unwelcome sender', remedy: 'refuse', permanent: true });
  });

  test('a message over a size is never asked to try again, one over the day’s number is', () => {
    expect(verdict({ largest: 1 }, { size: 2 * 1024 * 1024 })).toMatchObject({
      remedy: 'refuse',
      permanent: true,
    });
    expect(verdict({ perDay: 3 }, { today: 3 })).toMatchObject({ remedy: 'try again', permanent: false });
    expect(verdict({ perDay: 3 }, { today: 2 })).toBeNull();
  });
});

describe('senders as they are pasted', () => {
  test.each([
    ['Orla Finch <orla@northcape.example>', ['orla@northcape.example']],
    [
      '"Finch, Orla" <Orla@northcape.example>, quill@ropewalk.example',
      ['orla@northcape.example', 'quill@ropewalk.example'],
    ],
    ['northcape.example\nLenders\n\n me ', ['northcape.example', 'Lenders', 'me']],
    ['a@x.example; A@X.example; mailto:b@x.example', ['a@x.example', 'b@x.example']],
    ['', []],
  ])('%j', (pasted, senders) => {
    expect(parseSenders(pasted)).toEqual(senders);
  });

  test('what was understood is understood the same again', () => {
    fc.assert(
      fc.property(fc.string(), (pasted) => {
        const once = parseSenders(pasted);
        expect(parseSenders(once.join('\n'))).toEqual(once);
      }),
    );
  });
});

describe('the same words are one sending', () => {
  test.each([
    ['2026-11-24T10:00:00+00:00', '2026-11-24T11:00:30+01:00', true],
    ['2026-11-24T10:00:00+00:00', '2026-11-24T11:00', true],
    ['2026-11-24T10:00:00+00:00', '2026-11-24T15:30', true],
    ['2026-11-24T10:00:00+00:00', '2026-11-24T11:07', false],
    ['2026-11-24T10:00:00+00:00', '2026-11-25T10:00', false],
    ['2026-11-24T10:00:00+00:00', '2026-11-25T10:00:00+00:00', false],
    ['2026-11-24T10:00:00+00:00', null, false],
  ])('%s and %s: %s', (a, b, same) => {
    expect(isSameSending(a, b)).toBe(same);
    expect(isSameSending(b, a)).toBe(same);
  });
});

describe('dropping attachments', () => {
  const part = (head: string, body: string) => `--b\r\n${head}\r\n\r\n${body}\r\n`;
  const mail = (...parts: string[]) =>
    new TextEncoder().encode(
      `Subject: x\r\nContent-Type: multipart/mixed; boundary="b"\r\n\r\nfor old readers\r\n${parts.join('')}--b--\r\n`,
    );
  const text = (bytes: Uint8Array) => new TextDecoder().decode(bytes);

  test('leaves the words, of a message within it too, and the names of what was there', async () => {
    const inner =
      'Subject: inner\r\nContent-Type: multipart/mixed; boundary=c\r\n\r\n--c\r\n\r\nInner words.\r\n--c\r\nContent-Type: image/png; name=map.png\r\n\r\nPIXELS\r\n--c--';
    const kept = dropAttachments(
      mail(
        part('Content-Type: text/plain', 'Outer words.'),
        part(
          'Content-Type: application/pdf; name="a.pdf"\r\nContent-Disposition: attachment;\r\n filename="a.pdf"',
          'PDFPDF',
        ),
        part('Content-Type: text/plain\r\nContent-Disposition: attachment; filename=notes.txt', 'NOTES'),
        part('Content-Type: message/rfc822', inner),
      ),
    );
    expect(text(kept)).not.toMatch(/PDFPDF|NOTES|PIXELS/);
    const message = await decode(kept);
    expect(message.text).toContain('Outer words.');
    expect(message.text).toContain('Inner words.');
    expect(message.attachments.map(({ name }) => name)).toEqual(['a.pdf', 'notes.txt', 'map.png']);
  });

  test('changes nothing where there are none, whatever the bytes', () => {
    fc.assert(
      fc.property(fc.uint8Array(), (bytes) => {
        expect(dropAttachments(bytes)).toEqual(bytes);
      }),
    );
    const plain = mail(
      part('Content-Type: text/plain', 'Words.'),
      part('Content-Type: text/html', '<p>Words.</p>'),
    );
    expect(text(dropAttachments(plain))).toBe(text(plain));
  });

  test('done twice it is as done once', () => {
    const once = dropAttachments(mail(part('Content-Type: image/gif', 'GIF'), part('', 'words')));
    expect(dropAttachments(once)).toEqual(once);
  });
});
