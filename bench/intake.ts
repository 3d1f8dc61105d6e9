import { demoMails, median, numbered } from './mails.ts';
import { startSubject, type Subject } from './subject.ts';
import { sendAll } from './smtpLoad.ts';

const RUNS = 5;
const SLICES = 3;
const MESSAGES = 1000;
const CONNECTIONS = 20;

/**
 * Messages a second until all have their 250: Hatband against smtp-server with one bare durable insert a message. Both
 * stand beside each other and take turns, so that a slow moment of the machine meets both.
 */
export async function intakeRatio(): Promise<void> {
  const ratios: number[] = [];
  const rates: Record<Subject, number[]> = { hatband: [], bare: [] };
  for (let run = 0; run < RUNS; run += 1) {
    const { hatband, bare } = await alternate();
    rates.hatband.push(hatband);
    rates.bare.push(bare);
    ratios.push(hatband / bare);
  }
  console.log(
    `intake: Hatband ${median(rates.hatband).toFixed(0)} messages/s, bare durable insert ${median(rates.bare).toFixed(0)}, ` +
      `ratio ${median(ratios).toFixed(2)} (median of ${RUNS} runs of ${SLICES} turns each; ${MESSAGES} messages a turn, ` +
      `${CONNECTIONS} connections; each ${ratios.map((r) => r.toFixed(2)).join(' ')})`,
  );
}

/** One run: both in turn, with Hatband's queue drained before the other's turn. Messages a second of each. */
async function alternate(): Promise<Record<Subject, number>> {
  const subjects = { bare: await start('bare'), hatband: await start('hatband') };
  const spent: Record<Subject, number> = { bare: 0, hatband: 0 };
  try {
    for (let slice = 0; slice <= SLICES; slice += 1) {
      for (const name of ['bare', 'hatband'] as const) {
        const took = await subjects[name].load();
        // The first turn warms up.
        if (slice > 0) spent[name] += took;
        await subjects[name].drained();
      }
    }
  } finally {
    subjects.bare.end();
    subjects.hatband.end();
  }
  const rate = (name: Subject) => (MESSAGES * SLICES * 1000) / spent[name];
  return { bare: rate('bare'), hatband: rate('hatband') };
}

async function start(name: Subject) {
  const subject = await startSubject(name);
  const [mail = Buffer.alloc(0)] = demoMails();
  const mailOf = numbered(mail);
  return {
    load: async () => {
      const begun = performance.now();
      await sendAll(subject.smtpPort, subject.address, mailOf, {
        messages: MESSAGES,
        connections: CONNECTIONS,
      });
      return performance.now() - begun;
    },
    drained: subject.drained,
    end: subject.end,
  };
}
