import { Readable } from 'node:stream';
import { expect, test } from 'vitest';
import { isMbox, messagesInMbox } from '../src/files/mbox.ts';

const FROM = 'From a@quay.example Tue Nov 24 10:00:00 2026\n';
const message = (subject: string, body: string) => `${FROM}Subject: ${subject}\n\n${body}\n\n`;

/** The messages of an mbox that comes in pieces of so many bytes. */
async function messagesOf(mbox: string, { most = 10_000_000, piece = 7 } = {}): Promise<string[]> {
  const bytes = Buffer.from(mbox);
  const pieces = Array.from({ length: Math.ceil(bytes.length / piece) }, (_, i) =>
    bytes.subarray(i * piece, (i + 1) * piece),
  );
  const found: string[] = [];
  for await (const content of messagesInMbox(Readable.from(pieces), most)) found.push(content.toString());
  return found;
}

test.each([1, 5, 64, 100_000])('messages are parted wherever pieces of %d bytes end', async (piece) => {
  const found = await messagesOf(
    message('Ropes', '>From here on, not From there.') + message('Anchors', 'x'),
    { piece },
  );
  expect(found.map((each) => /Subject: (.*)/.exec(each)?.[1])).toEqual(['Ropes', 'Anchors']);
  expect(isMbox(FROM)).toBe(true);
  expect(isMbox('From: a@quay.example')).toBe(false);
});

test('of a message that is too large the rest is left out, and the next is whole', async () => {
  const long = 'All about tides.\n'.repeat(1000);
  const mbox = message('Long', long) + message('Short', 'All about ropes.');
  const [first = '', second = ''] = await messagesOf(mbox, { most: 2000, piece: 1000 });
  expect(first.length).toBeGreaterThanOrEqual(1900);
  expect(first.length).toBeLessThan(4000);
  expect(second).toContain('All about ropes.');
});

test('an endless line is broken, and nothing of it is lost', async () => {
  const line = 'x'.repeat(600_000);
  const [found = ''] = await messagesOf(message('Line', line), { piece: 50_000 });
  const longest = Math.max(...found.split('\n').map((each) => each.length));
  expect(longest).toBeLessThanOrEqual(256 * 1024);
  expect(found.replaceAll('\n', '')).toContain(line);
});

test('a file that cannot be read to its end is told of', async () => {
  const broken = new Readable({
    read() {
      this.push(message('Ropes', 'x'));
      this.destroy(new Error('the disk is gone'));
    },
  });
  const reading = async () => {
    for await (const content of messagesInMbox(broken, 1000)) expect(content.length).toBeLessThan(1000);
  };
  await expect(reading()).rejects.toThrow('the disk is gone');
});
