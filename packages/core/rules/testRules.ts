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
