import { read } from '@hatband/core/reading';
import { LONG_MAILS } from './longMails.ts';

const OPTIONS = { me: ['c@d.example'], zone: 'Europe/London', dateOrder: 'DMY' } as const;

/** How long the whole core takes for messages that are long, deep or malicious. */
export async function longTimes(): Promise<void> {
  console.log('long messages, in ms (goal: under 2000 each)');
  for (const [name, make] of Object.entries(LONG_MAILS)) {
    const bytes = new TextEncoder().encode(make(1));
    const begun = performance.now();
    await read(bytes, OPTIONS, '2026-03-10T10:00:00Z');
    console.log(`  ${(performance.now() - begun).toFixed(0).padStart(6)}  ${name}`);
  }
}
