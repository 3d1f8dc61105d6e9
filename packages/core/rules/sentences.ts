import { FIELD_NAMES } from '../tasks/index.ts';
import { BUILT_IN } from './builtIn.ts';
import { sayCondition } from './conditions/index.ts';
import type { Names } from './incoming.ts';
import type { Outcome, RuleTrace, TriedReading } from './outcome.ts';
import { sayReading } from './readings/index.ts';
import type { FieldRow, RuleDefinition } from './rule.ts';

/** The whole rule in one plain sentence or two. */
export function sayRule(rule: RuleDefinition, names: Names): string {
  const when = rule.when.all.map((condition) => sayCondition(condition, names));
  const mail = when.length === 0 ? 'All mail' : `Mail that ${andList(when)}`;
  const fields = rule.read.map((row) => `; ${sayRow(row)}`).join('');
  return `${mail} becomes a task ${sayRoute(rule, names)}${fields}.`;
}

function sayRow(row: FieldRow): string {
  const readings = [...row.readings, ...(row.otherwise ? [row.otherwise] : [])].map((reading) =>
    sayReading(reading),
  );
  return `its ${FIELD_NAMES[row.field]} is ${readings.join(', otherwise ')}`;
}

function sayRoute({ route }: RuleDefinition, names: Names): string {
  if (route.project.kind === 'named') return `in ${names.project(route.project.id)}`;
  return route.project.kind === 'none' ? 'in no project' : 'in the project of its address';
}

const andList = (items: readonly string[]) =>
  items.length < 2 ? (items[0] ?? '') : `${items.slice(0, -1).join(', ')} and ${items.at(-1) ?? ''}`;

/** A line of an explanation: `mark` is whether it held, null for a heading. */
export interface TraceLine {
  mark: boolean | null;
  text: string;
}

/** Why a message became what it became, in plain sentences. */
export function sayTrace(outcome: Pick<Outcome, 'reason' | 'trace'>, names: Names): TraceLine[] {
  const rules = outcome.trace.flatMap((trace) => sayRuleTrace(trace, names));
  if (outcome.reason === 'answers itself')
    return [
      {
        mark: null,
        text: 'This mail answers itself (an automatic reply, a bounce or a receipt): no rule is asked.',
      },
    ];
  if (outcome.reason === 'made by a machine') {
    return [
      ...rules,
      { mark: null, text: 'No rule took it, and a machine sent it of its own accord: no task was made.' },
    ];
  }
  return rules;
}

function sayRuleTrace(trace: RuleTrace, names: Names): TraceLine[] {
  const head = trace.ruleId === BUILT_IN ? 'No rule took it, so the built-in reading did.' : ruleHead(trace);
  return [
    { mark: null, text: head },
    ...trace.conditions.map(({ condition, holds, saw }) => ({
      mark: holds,
      text: `${capital(sayCondition(condition, names))} · saw ${saw}`,
    })),
    ...trace.fields.flatMap(({ field, tried }) =>
      tried.map((attempt) => ({
        mark: attempt.value !== null,
        text: `${FIELD_NAMES[field]}: ${sayAttempt(attempt)}`,
      })),
    ),
  ];
}

const ruleHead = ({ name, version, taken }: RuleTrace) =>
  `${name}${version > 0 ? `, version ${String(version)},` : ''} ${taken ? 'took it.' : 'did not take it.'}`;

/** One reading that was tried, with what it found or why it found nothing. */
export function sayAttempt({ reading, value, missed }: TriedReading): string {
  const by = sayReading(reading);
  if (value !== null) return `${by} → ${value}`;
  return missed?.why === 'notOfKind'
    ? `${by} holds “${missed.saw}”, which is no value for this field`
    : `there is no ${(missed?.what ?? 'value').replace(/^an? /, '')}`;
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
