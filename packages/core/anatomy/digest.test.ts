import { describe, expect, test } from 'vitest';
import { decode } from '../mail/index.ts';
import { takeApart, wordsOf } from './index.ts';

const ME = 'ines@quay.example';

async function apart(text: string) {
  const message = await decode(new TextEncoder().encode(text));
  const anatomy = takeApart(message, { me: [ME], dateOrder: 'DMY' });
  return { message, anatomy, latest: wordsOf(message.text, anatomy, 'latest') };
}

const post = (day: number, name: string, words: string) =>
  `Date: Mon, ${String(day)} Mar 2026 10:15:00 +0100\nFrom: ${name} Post <${name.toLowerCase()}@cape.example>\nSubject: Buoys\n\n${words}\n`;
const HEAD = `From: buoys-request@list.example\nTo: ${ME}\nSubject: Buoys Digest, Vol 3, Issue 9\nDate: Wed, 11 Mar 2026 06:00:00 +0100\n`;
const POSTS = [post(9, 'Ada', 'The red one is adrift.'), post(10, 'Bo', 'Please paint the green one.')];

describe('a digest of several posts', () => {
  test('as one text: the newest post counts', async () => {
    const rule = '-'.repeat(30);
    const { anatomy, latest } = await apart(
      `${HEAD}\nToday's topics:\n\n   1. Buoys\n\n${rule}\n\n${POSTS.join(`\n${rule}\n\n`)}\n${rule}\n\nEnd of Buoys Digest\n`,
    );
    expect(anatomy.who?.address).toBe('bo@cape.example');
    expect(latest).toContain('Please paint the green one.');
    expect(latest).not.toContain('adrift');
  });

  test('as parts: all posts are in the text, the newest counts', async () => {
    const parts = POSTS.toReversed().map((text) => `--b\nContent-Type: message/rfc822\n\n${text}`);
    const { message, anatomy, latest } = await apart(
      `${HEAD}MIME-Version: 1.0\nContent-Type: multipart/digest; boundary=b\n\n${parts.join('\n')}\n--b--\n`,
    );
    expect(message.attached).toHaveLength(2);
    expect(message.text).toContain('adrift');
    expect(anatomy.who?.address).toBe('bo@cape.example');
    expect(latest).toBe('Please paint the green one.');
  });
});
