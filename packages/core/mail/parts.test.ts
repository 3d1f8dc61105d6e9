import { describe, expect, test } from 'vitest';
import { decode } from './index.ts';

const decodeText = (mail: string) => decode(new TextEncoder().encode(mail));
const MIXED = 'Subject: x\nMIME-Version: 1.0\nContent-Type: multipart/mixed; boundary=b\n\n';

describe('what senders get wrong', () => {
  test('no charset and no UTF-8 is read as Windows-1252', async () => {
    const mail = 'Subject: x\n\nAvant vendredi \x96 r\xe9pondez.';
    expect((await decode(Uint8Array.from(mail, (c) => c.charCodeAt(0)))).text).toBe(
      'Avant vendredi – répondez.',
    );
    expect((await decodeText('Subject: x\n\nAvant vendredi – répondez.')).text).toBe(
      'Avant vendredi – répondez.',
    );
  });

  test('lines end in CR alone, HTML comes as plain text', async () => {
    expect(await decodeText('Subject: x\r\rhello')).toMatchObject({ subject: 'x', text: 'hello' });
    expect((await decodeText('Subject: x\n\n<html><body><p>hello</p></body></html>')).text).toBe('hello');
  });
});

describe('parts', () => {
  test('an appointment of a calendar part is an event and no attachment', async () => {
    const { events, attachments } = await decodeText(
      `${MIXED}--b\n\nhello\n--b\nContent-Type: text/calendar; method=REQUEST\n\nBEGIN:VCALENDAR\nBEGIN:VEVENT\nDTSTART:20260319T180000Z\nDTEND:20260319T200000Z\nSUMMARY:Opening\\, room 2\nLOCATION:Quay\n  house\nORGANIZER;CN=Orla Penhale:mailto:orla@cape.example\nATTENDEE;PARTSTAT=NEEDS-ACTION:mailto:bo@cape.example\nEND:VEVENT\nEND:VCALENDAR\n--b--\n`,
    );
    expect(events).toEqual([
      {
        summary: 'Opening, room 2',
        starts: '2026-03-19T18:00Z',
        ends: '2026-03-19T20:00Z',
        place: 'Quay house',
        participants: ['Orla Penhale', 'bo@cape.example'],
      },
    ]);
    expect(attachments).toEqual([]);
  });

  test('a uuencoded file is taken out of the text', async () => {
    const { text, attachments } = await decodeText(
      'Subject: x\n\nhere\n\nbegin 644 plan.txt\n#0V%T\n`\nend\n\nbye\n',
    );
    expect(text.replace(/\n+/g, ' ')).toBe('here bye');
    expect(attachments).toMatchObject([{ name: 'plan.txt', type: 'application/octet-stream', size: 3 }]);
  });

  test('the richer alternative is read', async () => {
    const words =
      'please return the signed form together with the photographs of both crates and a list of all objects in them before Friday';
    const mail = `Subject: x\nMIME-Version: 1.0\nContent-Type: multipart/alternative; boundary=b\n\n--b\nContent-Type: text/plain\n\nSee the formatted text.\n--b\nContent-Type: text/html\n\n<p>${words}</p><p>${words}</p>\n--b--\n`;
    const { text, warnings } = await decodeText(mail);
    expect(text).toContain('photographs');
    expect(warnings).toHaveLength(1);
  });

  test('cells stand apart by tabs, lists keep their marks, quotes their depth', async () => {
    const html =
      '<table><tr><th>Task</th><th>Due</th></tr><tr><td>Book</td><td>Friday</td></tr></table><ul><li>one</li></ul><blockquote>said<blockquote>before</blockquote></blockquote>';
    const { text } = await decodeText(`Subject: x\nContent-Type: text/html\n\n${html}`);
    expect(text).toContain('Task\tDue\nBook\tFriday');
    expect(text).toContain('- one');
    expect(text).toMatch(/> said\n>> before/);
  });

  test('an attached message’s own attachments stay, it is none itself', async () => {
    const inner = `${MIXED.replace('boundary=b', 'boundary=c')}--c\n\ninner\n--c\nContent-Type: application/pdf; name=form.pdf\nContent-Disposition: attachment; filename=form.pdf\n\nabc\n--c--`;
    const { text, attached, attachments } = await decodeText(
      `${MIXED}--b\n\nouter\n--b\nContent-Type: message/rfc822\n\n${inner}\n--b--\n`,
    );
    expect(text).toBe('outer\n\ninner');
    expect(attached).toMatchObject([{ start: 7, subject: 'x' }]);
    expect(attachments.map((a) => a.name)).toEqual(['form.pdf']);
  });

  test('of several attached messages the first is taken apart, the others stay attachments', async () => {
    const part = (words: string) => `--b\nContent-Type: message/rfc822\n\nSubject: ${words}\n\n${words}\n`;
    const { text, attachments } = await decodeText(`${MIXED}${part('one')}${part('two')}--b--\n`);
    expect(text).toBe('one');
    expect(attachments.map((a) => a.type)).toEqual(['message/rfc822']);
  });
});
