import { describe, expect, test } from 'vitest';
import { boundHtml } from './boundHtml.ts';
import { boundParts } from './boundParts.ts';
import { decode } from './index.ts';

const bytes = (text: string) => new TextEncoder().encode(text);
const words = (of: Uint8Array) => new TextDecoder().decode(of);
const MIXED =
  'From: a@b.example\nSubject: x\nMIME-Version: 1.0\nContent-Type: multipart/mixed; boundary="b"\n\n';

describe('HTML', () => {
  test('that people write is left as it is', () => {
    const html = '<p>one<p>two<br><ul><li>a<li>b</ul><table><tr><td>x</table>'.repeat(200);
    expect(boundHtml(html)).toEqual({ html, warnings: [] });
  });

  test.each(['ul', 'blockquote', 'table', 'div'])('nested too deep in %s keeps its words', (tag) => {
    const { html, warnings } = boundHtml(`<${tag}>word `.repeat(3000) + `</${tag}>`.repeat(3000));
    expect(html.match(/word/g)).toHaveLength(3000);
    const open = html.match(new RegExp(`<${tag}>`, 'g'))?.length ?? 0;
    expect(open).toBeGreaterThan(10);
    expect(open).toBeLessThan(150);
    expect(html.match(new RegExp(`</${tag}>`, 'g'))).toHaveLength(open);
    expect(warnings).toEqual([expect.stringContaining('nested very deep')]);
  });

  test('with too many elements is cut, and says so', async () => {
    const { text, warnings } = await decode(
      bytes(`Subject: x\nMIME-Version: 1.0\nContent-Type: text/html\n\n${'<b>a</b> '.repeat(80_000)}`),
    );
    expect(text.length).toBeGreaterThan(10_000);
    expect(warnings).toEqual([expect.stringContaining('its rest is kept but was not read')]);
  });
});

describe('parts', () => {
  const part = (head: string, body: string) => `--b\n${head}\n\n${body}\n`;

  test('of a letter are left as they are, base64 of any length too', () => {
    const mail = bytes(
      `${MIXED}${part('Content-Type: text/plain', 'hello\n-- \nA')}${part('Content-Type: application/pdf\nContent-Transfer-Encoding: base64', 'QUFB\n'.repeat(100_000))}--b--\n`,
    );
    expect(boundParts(mail)).toEqual({ bytes: mail, warnings: [] });
  });

  test('lines beyond a number are left out of what is decoded, and what follows is not', async () => {
    const mail = bytes(
      `${MIXED}${part('Content-Type: text/csv; name=a.csv\nContent-Disposition: attachment', '1,2,3\n'.repeat(100_000))}${part('Content-Type: text/plain', 'Please send it.')}--b--\n`,
    );
    const { text, attachments, warnings } = await decode(mail);
    expect(text).toBe('Please send it.');
    expect(attachments).toMatchObject([{ name: 'a.csv', size: 6 * 60_000 }]);
    expect(warnings).toEqual([expect.stringContaining('very many lines or parts')]);
  });

  test('more than a thousand are a store of data; the first are read', async () => {
    const { text, warnings } = await decode(bytes(`${MIXED}${part('', 'word').repeat(5000)}--b--\n`));
    expect(text.match(/word/g)?.length).toBeLessThanOrEqual(1000);
    expect(warnings).toHaveLength(1);
  });

  test('a line that looks like the end of a part is none without its boundary', () => {
    const mail = bytes(`Subject: x\n\n${'--not a boundary\n'.repeat(3000)}`);
    expect(words(boundParts(mail).bytes)).toBe(words(mail));
  });

  test('appointments beyond fifty are told, not kept', async () => {
    const event = 'BEGIN:VEVENT\nDTSTART:20260319T180000Z\nSUMMARY:x\nEND:VEVENT\n';
    const { events, warnings } = await decode(
      bytes(
        `${MIXED}${part('Content-Type: text/calendar', `BEGIN:VCALENDAR\n${event.repeat(60)}END:VCALENDAR`)}--b--\n`,
      ),
    );
    expect(events).toHaveLength(50);
    expect(warnings).toEqual([expect.stringContaining('more than 50 appointments')]);
  });

  test('messages that came attached beside the first are told of', async () => {
    const message = (subject: string) =>
      part(
        'Content-Type: message/rfc822',
        `From: a@b.example\nSubject: ${subject}\n\nPlease send ${subject}.`,
      );
    const { text, attachments, warnings } = await decode(
      bytes(
        `${MIXED}${part('Content-Type: text/plain', 'See both.')}${message('one')}${message('two')}--b--\n`,
      ),
    );
    expect(text).toContain('Please send one.');
    expect(attachments.map(({ name }) => name)).toEqual(['message.eml']);
    expect(warnings).toEqual([expect.stringContaining('Other messages came attached')]);
  });
});
