import { decode } from '@hatband/core/mail';
import { read } from '@hatband/core/reading';
import { evaluateBuiltIn } from '@hatband/core/rules';
import { demoMails, median } from './mails.ts';

const ROUNDS = 5;
const OPTIONS = { me: ['ines.tavare@saltmarsh.example'], zone: 'Europe/London', dateOrder: 'DMY' } as const;

/** Messages a second through the whole core, beside the MIME decoder alone. */
export async function readingRatio(): Promise<void> {
  const mails = demoMails();
  const decodeOnly = async (mail: Buffer) => {
    await decode(mail);
  };
  const wholeCore = async (mail: Buffer) => {
    const reading = await read(mail, OPTIONS, '2026-11-24T14:00:00Z');
    evaluateBuiltIn(reading);
  };
  await perSecond(mails, wholeCore);
  const decoded: number[] = [];
  const whole: number[] = [];
  for (let round = 0; round < ROUNDS; round += 1) {
    decoded.push(await perSecond(mails, decodeOnly));
    whole.push(await perSecond(mails, wholeCore));
  }
  const ratio = median(whole) / median(decoded);
  console.log(
    `reading: whole core ${median(whole).toFixed(0)} messages/s, decoder alone ${median(decoded).toFixed(0)}, ratio ${ratio.toFixed(2)} (median of ${ROUNDS})`,
  );
}

async function perSecond(mails: readonly Buffer[], work: (mail: Buffer) => Promise<void>): Promise<number> {
  const REPEATS = 5;
  const start = performance.now();
  for (let i = 0; i < REPEATS; i += 1) for (const mail of mails) await work(mail);
  return (mails.length * REPEATS * 1000) / (performance.now() - start);
}
