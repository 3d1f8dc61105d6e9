import { expect, test } from 'vitest';
import { mayBeOneSending } from './original.ts';

const sending = (messageId: string | null, sentAt: string | null) => ({ messageId, sentAt });
const AT = '2026-11-23T10:00:00Z';

test.each([
  ['the same message', sending('a@x', AT), sending('a@x', AT), true],
  ['one whose Message-ID a forward has lost', sending('a@x', AT), sending(null, AT), true],
  ['another message', sending('a@x', AT), sending('b@x', AT), false],
  ['the same words a day later', sending(null, AT), sending(null, '2026-11-24T10:00:00Z'), false],
  ['the same words an hour later', sending(null, AT), sending(null, '2026-11-23T11:00:00Z'), false],
  [
    'a forward that states the clock of an unknown zone',
    sending(null, AT),
    sending(null, '2026-11-23T11:00'),
    true,
  ],
])('%s', (_, a, b, isOne) => {
  expect(mayBeOneSending(a, b)).toBe(isOne);
  expect(mayBeOneSending(b, a)).toBe(isOne);
});
