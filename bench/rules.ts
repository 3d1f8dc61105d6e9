import { read } from '@hatband/core/reading';
import {
  compile,
  Context,
  Delivery,
  evaluate,
  KnownTasks,
  RuleDefinition,
  type Incoming,
  type RuleInput,
} from '@hatband/core/rules';
import { demoMails, median } from './mails.ts';

const OPTIONS = { me: ['ines.tavare@saltmarsh.example'], zone: 'Europe/London', dateOrder: 'DMY' } as const;
const ROUNDS = 7;
const REPEATS = 5;

/** What one message costs against 10 and against 1,000 live rules, compiled once. */
export async function rulesRatio(): Promise<void> {
  const mails: Incoming[] = [];
  for (const mail of demoMails()) {
    const reading = await read(mail, OPTIONS, '2026-11-24T14:00:00Z');
    mails.push({
      reading,
      delivery: Delivery.parse({ at: '2026-11-24T14:00' }),
      tasks: KnownTasks.parse({}),
    });
  }
  const few = compiled(10);
  const many = compiled(1000);
  const times: Record<'few' | 'many', number[]> = { few: [], many: [] };
  run(few, mails);
  for (let round = 0; round < ROUNDS; round += 1) {
    times.few.push(run(few, mails));
    times.many.push(run(many, mails));
  }
  const [one, other] = [median(times.few), median(times.many)];
  console.log(
    `rules: ${one.toFixed(0)} µs a message against 10 rules, ${other.toFixed(0)} µs against 1,000, ratio ${(other / one).toFixed(2)} (median of ${ROUNDS})`,
  );
}

function run(rules: ReturnType<typeof compile>, mails: readonly Incoming[]): number {
  const start = performance.now();
  for (let i = 0; i < REPEATS; i += 1) for (const mail of mails) evaluate(rules, mail, { lastRule: true });
  return ((performance.now() - start) * 1000) / (mails.length * REPEATS);
}

const SENDERS = ['northcape.example', 'building.saltmarsh.example', 'form@visits.saltmarsh.example'];

/** Rules as people write them: by sender, by words, by label, by address, in nested groups; a few take the demo’s mail. */
function compiled(count: number): ReturnType<typeof compile> {
  const rules = Array.from({ length: count }, (_, i): RuleInput => {
    const firm = SENDERS[i] ?? `firm-${String(i)}.example`;
    const forms: NonNullable<RuleInput['when']>[] = [
      { all: [{ kind: 'sender', is: [firm] }, { none: [{ kind: 'automatic' }] }] },
      { all: [{ kind: 'words', words: [`matter ${String(i)}`, `case-${String(i)}`] }, { kind: 'asks' }] },
      {
        any: [
          { kind: 'label', is: [`label ${String(i)}`] },
          { all: [{ kind: 'sender', is: [firm] }, { kind: 'deadline' }] },
        ],
      },
      { all: [{ kind: 'pair', labels: [`Field ${String(i)}`] }] },
    ];
    return {
      name: `rule ${String(i)}`,
      when: (i < SENDERS.length ? forms[0] : forms[i % forms.length]) ?? { all: [] },
      read: [
        { field: 'due', from: [{ kind: 'pair', labels: ['Due'] }, { kind: 'deadline' }] },
        { field: 'Number', from: [{ kind: 'pattern', pattern: '[A-Z]{2,3}-\\d{4}' }] },
      ],
    };
  });
  const versions = rules.map((rule) => ({
    ruleId: rule.name,
    version: 1,
    definition: RuleDefinition.parse(rule),
  }));
  return compile(versions, Context.parse({}));
}
