import { openGroup, wordsOfValue } from '../../tasks/index.ts';
import { BUILT_IN } from '../model/builtIn.ts';
import { sayCondition } from '../kinds/conditions/index.ts';
import { sayEffect } from '../kinds/effects.ts';
import { fieldName } from '../model/fieldName.ts';
import { MAKES_KINDS, sayMakes } from '../kinds/makes.ts';
import type { Outcome, RuleTrace, TaskTrace, TriedReading } from '../model/outcome.ts';
import { sayReading } from '../kinds/readings/index.ts';
import { sayRoute } from '../model/route.ts';
import type { ReadRow, RuleDefinition } from '../model/rule.ts';
import { sayStart } from '../kinds/starts.ts';
import { sayStep } from '../kinds/tidy.ts';
import { sayWhen, type Tested } from '../model/when.ts';

/** The whole rule in plain sentences. */
export function sayRule(rule: RuleDefinition): string {
  const isForAll = openGroup(rule.when).of.length === 0;
  const mail = isForAll ? 'All mail' : `Mail that ${sayWhen(rule.when)}`;
  const routed = MAKES_KINDS[rule.makes.kind].routed ? ` ${sayRoute(rule.route)}` : '';
  const fields = rule.read
    .map((row) => `; its ${fieldName(row.field)} ${isPlural(row.field) ? 'are' : 'is'} ${sayRow(row)}`)
    .join('');
  const effects = rule.effects.length === 0 ? '' : ` Then ${rule.effects.map(sayEffect).join(', ')}.`;
  const goOn = rule.then === 'go on' ? ' Later rules fill what is still empty.' : '';
  const again = rule.again === 'make' ? ' Mail that came another way before becomes another task.' : '';
  return `${mail}${sayStart(rule.start)} ${sayMakes(rule.makes)}${routed}${fields}.${effects}${goOn}${again}`;
}

const isPlural = (field: string) => ['tags', 'reminders', 'notes'].includes(field);

/** A row's readings in words, “the deadline in the words, otherwise …”. */
export function sayRow({ from, otherwise }: ReadRow): string {
  const readings = from.map((reading) => [sayReading(reading), ...reading.tidy.map(sayStep)].join(', '));
  const all = otherwise === null ? readings : [...readings, `“${wordsOfValue(otherwise)}”`];
  return all.join(', otherwise ');
}

/** A line of an explanation: `mark` is whether it held, null for a heading; `depth` counts the groups around it. */
export interface TraceLine {
  mark: boolean | null;
  text: string;
  depth: number;
}

const REASONS = {
  'answers itself':
    'This is an automatic reply, a bounce or a receipt: only rules that name automatic mail see it.',
  'made by a machine': 'No rule took it, and a machine sent it of its own accord: no task was made.',
  'no rule took it': 'No rule took it, and mail of a watched mailbox becomes nothing then.',
  'a rule says so': null,
} as const;

/** Why a message became what it became, in plain sentences. */
export function sayTrace(outcome: Pick<Outcome, 'reason' | 'trace' | 'ruledOut'>): TraceLine[] {
  const reason = outcome.reason === null ? null : REASONS[outcome.reason];
  return [
    ...outcome.trace.flatMap(sayRuleTrace),
    ...outcome.ruledOut.map(({ name, terms }) => ({
      mark: null,
      depth: 0,
      text: `${name} was not asked: the message has no ${sayTerms(terms)}.`,
    })),
    ...(reason === null ? [] : [{ mark: null, depth: 0, text: reason }]),
  ];
}

const SHOWN_TERMS = 4;

function sayTerms(terms: readonly string[]): string {
  const shown = terms.slice(0, SHOWN_TERMS).join(', ');
  return terms.length > SHOWN_TERMS ? `${shown} or ${terms.length - SHOWN_TERMS} others` : shown;
}

function sayRuleTrace(trace: RuleTrace): TraceLine[] {
  const several = trace.tasks.length > 1;
  return [
    { mark: null, depth: 0, text: ruleHead(trace) },
    ...membersOf(trace.when).flatMap((tested) => sayTested(tested, 0)),
    ...trace.tasks.flatMap((task, i) => [
      ...(several ? [{ mark: null, depth: 1, text: `Task ${i + 1}` }] : []),
      ...sayTask(task, several ? 1 : 0),
    ]),
    ...[trace.problem, trace.remark].flatMap((text) =>
      text === null ? [] : [{ mark: false, depth: 0, text }],
    ),
  ];
}

const membersOf = (tested: Tested): Tested[] =>
  'of' in tested && tested.group === 'all' ? tested.of : [tested];

function sayTested(tested: Tested, depth: number): TraceLine[] {
  if ('condition' in tested)
    return [
      { mark: tested.holds, depth, text: `${capital(sayCondition(tested.condition))} · saw ${tested.saw}` },
    ];
  const heads = { all: 'All of these', any: 'Any of these', none: 'None of these' };
  return [
    { mark: tested.holds, depth, text: heads[tested.group] },
    ...tested.of.flatMap((member) => sayTested(member, depth + 1)),
  ];
}

function sayTask({ fields, route }: TaskTrace, depth: number): TraceLine[] {
  return [
    ...fields.flatMap(({ field, tried }) =>
      tried.map((attempt) => ({
        mark: attempt.value !== null,
        depth,
        text: `${fieldName(field)}: ${sayAttempt(attempt)}`,
      })),
    ),
    ...route.flatMap(({ line, asked, taken }) => [
      ...(asked === null ? [] : membersOf(asked).flatMap((tested) => sayTested(tested, depth))),
      ...(taken ? [{ mark: true, depth, text: `line ${line + 1} of the route` }] : []),
    ]),
  ];
}

function ruleHead({ ruleId, name, version, taken }: RuleTrace): string {
  if (ruleId === BUILT_IN) return 'No rule took it, so the built-in reading did.';
  return `${name}${version > 0 ? `, version ${version},` : ''} ${taken ? 'took it.' : 'did not take it.'}`;
}

/** One reading that was tried, with what it found or why it found nothing. */
export function sayAttempt({ reading, value, missed }: TriedReading): string {
  const by = reading.id === 'otherwise' ? 'otherwise' : sayReading(reading);
  if (value !== null) return `${by} → ${wordsOfValue(value)}`;
  if (missed === null || missed.why === 'absent') return `not found: ${missed?.what ?? 'a value'}`;
  return missed.why === 'notOfKind'
    ? `${by} holds “${missed.saw}”, which is no ${missed.kind}`
    : `${by} holds “${missed.saw}”, and there is no such ${missed.kind}`;
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
