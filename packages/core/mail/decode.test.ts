import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { decode, TEXT_LIMIT } from './index.ts';

const bytes = (text: string, encoding: BufferEncoding = 'utf8') =>
  new Uint8Array(Buffer.from(text, encoding));

describe('decode', () => {
  test('reads headers, encoded words and a body in a charset of its own', async () => {
    const message = await decode(
      bytes(
        'From: =?iso-8859-1?Q?Anke_S=F6rensen?= <anke@dyke.example>\r\nSubject: =?utf-8?B?UG9zdGthcnRlbiBmw7xy?=\r\n =?utf-8?B?IHVucw==?=\r\n' +
          'Date: Fri, 13 Nov 2026 14:50:00 +0100\r\nContent-Type: text/plain; charset=iso-8859-1\r\n\r\nf\xfcr den Laden\r\n',
        'latin1',
      ),
    );
    expect(message.from).toEqual({ name: 'Anke Sörensen', address: 'anke@dyke.example' });
    expect(message.subject).toBe('Postkarten für uns');
    expect(message.sentAt).toBe('2026-11-13T14:50:00+01:00');
    expect(message.text).toBe('für den Laden');
  });

  test.each([
    ['cp850', '8bit', 'Bitte die Pr\x81fung'],
    ['ibm437', 'base64', Buffer.from('Bitte die Pr\x81fung', 'latin1').toString('base64')],
    ['utf-7', '7bit', 'Bitte die Pr+APw-fung'],
    [
      'utf-32le',
      'base64',
      Buffer.from(Uint32Array.from('Bitte die Prüfung', (c) => c.charCodeAt(0)).buffer).toString('base64'),
    ],
  ])('reads the rare character set %s', async (charset, encoding, body) => {
    const head = `Content-Type: text/plain; charset="${charset}"\r\nContent-Transfer-Encoding: ${encoding}\r\n\r\n`;
    expect((await decode(bytes(`${head}${body}\r\n`, 'latin1'))).text).toBe('Bitte die Prüfung');
  });

  test('turns a message that has only HTML into text, without its scripts and pictures', async () => {
    const { text, attachments } = await decode(
      bytes(
        'Content-Type: text/html\n\n<h2>Evening</h2><ul><li>one</li><li>two</li></ul><script>alert(1)</script><img src="https://track.example/x.gif">',
      ),
    );
    expect(text).toContain('Evening');
    expect(text).toContain('- one\n- two');
    expect(text).not.toMatch(/alert|track/);
    expect(attachments).toEqual([]);
  });

  test('names attachments and leaves pictures of the HTML out', async () => {
    const { attachments } = await decode(
      bytes(
        'Content-Type: multipart/mixed; boundary=b\n\n--b\nContent-Type: text/plain\n\nhello\n--b\nContent-Type: application/pdf; name="loan-form.pdf"\nContent-Disposition: attachment\nContent-Transfer-Encoding: base64\n\nAAAA\n--b--\n',
      ),
    );
    expect(attachments).toMatchObject([{ name: 'loan-form.pdf', type: 'application/pdf', size: 3 }]);
    expect(attachments[0]?.digest).toMatch(/^[\da-f]{64}$/);
  });

  test('reads the same after LF became CRLF', async () => {
    const mail = 'From: a@b.example\nSubject: x\n\none\ntwo  \n\n-- \nA\n';
    expect(await decode(bytes(mail.replaceAll('\n', '\r\n')))).toEqual(await decode(bytes(mail)));
  });

  test('keeps the blank of the signature mark and drops other trailing blanks', async () => {
    expect((await decode(bytes('Subject: x\n\none  \n-- \nA'))).text).toBe('one\n-- \nA');
  });

  test('cuts a text that is too long, and says so', async () => {
    const { text, warnings } = await decode(bytes(`Subject: x\n\n${'word '.repeat(60_000)}`));
    expect(text.length).toBe(TEXT_LIMIT);
    expect(warnings).toHaveLength(1);
  });

  test.each([
    ['nothing', ''],
    ['no headers', 'just some words\nand more'],
    ['cut in a part', 'Content-Type: multipart/mixed; boundary=b\n\n--b\nContent-Type: text/html\n\n<b>hal'],
    ['an unknown charset', 'Content-Type: text/plain; charset=x-none\n\nhello'],
    ['broken base64', 'Content-Transfer-Encoding: base64\n\n@@@==='],
  ])('survives %s', async (_, mail) => {
    expect(typeof (await decode(bytes(mail))).text).toBe('string');
  });

  test('never throws, whatever the bytes are', async () => {
    await fc.assert(
      fc.asyncProperty(fc.uint8Array({ maxLength: 400 }), async (raw) => {
        const { text } = await decode(raw);
        expect(text).not.toContain('\r');
      }),
    );
  });
});
