import { describe, expect, test } from 'vitest';
import { LONG_MAILS } from '../../../bench/longMails.ts';
import { amount } from '../../../scripts/testAmount.ts';
import { TEXT_LIMIT } from '../mail/index.ts';
import { read } from './index.ts';

const options = { me: ['c@d.example'], zone: 'Europe/London', dateOrder: 'DMY' } as const;

/** Of the length that its name tells. */
const SHARE = amount(0.25, 1);

describe(`messages that are long, deep or malicious come to an end, at ${String(SHARE * 100)} % of the length`, () => {
  test.each(Object.entries(LONG_MAILS))(
    '%s',
    async (_, make) => {
      const { message } = await read(new TextEncoder().encode(make(SHARE)), options, '2026-03-10T10:00:00Z');
      expect(message.text.length).toBeLessThanOrEqual(TEXT_LIMIT);
    },
    30_000,
  );

  test('what was cut is told', async () => {
    const mail = `Subject: x\n\n${'words '.repeat(50_000)}`;
    const { warnings } = await read(new TextEncoder().encode(mail), options, '2026-03-10T10:00:00Z');
    expect(warnings.join(' ')).toContain('longer than');
  });
});
