import { read } from '../reading/index.ts';
import {
  compile,
  Context,
  Delivery,
  evaluate,
  KnownTasks,
  RuleDefinition,
  type EvaluateOptions,
  type Incoming,
  type RuleInput,
  type RuleVersion,
} from './index.ts';

/** For tests: a mail by its source, come to the inbox on Tuesday, 24 November 2026, 14:00. */
export async function arriving(
  mail: string,
  delivery: Partial<Delivery> = {},
  tasks: Partial<KnownTasks> = {},
): Promise<Incoming> {
  const options = { me: ['ines@quay.example'], zone: 'UTC', dateOrder: 'DMY' } as const;
  return {
    reading: await read(new TextEncoder().encode(mail), options, '2026-11-24T14:00:00Z'),
    delivery: { ...Delivery.parse({ at: '2026-11-24T14:00' }), ...delivery },
    tasks: { ...KnownTasks.parse({}), ...tasks },
  };
}

export const version = (rule: RuleInput): RuleVersion => ({
  ruleId: rule.name,
  version: 1,
  definition: RuleDefinition.parse(rule),
});

export function outcomeOf(
  incoming: Incoming,
  rules: readonly RuleInput[],
  context: Partial<Context> = {},
  options: EvaluateOptions = { lastRule: false },
) {
  const all = Context.parse({ me: ['ines@quay.example'], ...context });
  return evaluate(compile(rules.map(version), all), incoming, options);
}

/** A mail from a lender, with labelled lines. */
export const MAIL = `From: Orla <orla@cape.example>
Subject: Fwd: Loan form for the gauge
Date: Mon, 23 Nov 2026 10:00:00 +0000
Message-ID: <m2@cape.example>

Please return it by 7 December.

Due: soon enough
Opening: 3 December
Priority: High
Lender: Cape Museum
`;
/** A mail with two items. */
export const LIST = `From: Orla <orla@cape.example>
Subject: Actions
Date: Mon, 23 Nov 2026 10:00:00 +0000

The actions, by Friday please:

- Tom: book the hall
- Print the posters (3 December), no rush
`;
/** What the rules of these tests may name. */
export const CONTEXT = Context.parse({
  me: ['ines@quay.example'],
  people: [{ name: 'Tomas Quill', addresses: ['tomas@quay.example'] }],
  projects: [{ name: 'Loans in', sections: ['Abroad'], fields: [{ name: 'Lender' }] }, { name: 'Building' }],
  templates: [
    {
      name: 'Loan',
      values: { priority: 'low', Crates: 2 },
      checklist: ['Ask the insurer'],
      tags: ['loan'],
      effort: 'PT2H',
      lead: 2,
      reminders: [{ from: 'due', plus: -1, time: '08:30' }],
    },
  ],
});
