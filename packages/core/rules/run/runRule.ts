import { nameKey, wordsOfValue, type Value } from '../../tasks/index.ts';
import type { CompiledRule } from './compile.ts';
import type { DueEffect } from '../kinds/effects.ts';
import type { KnownTask } from '../message/incoming.ts';
import type { MakesKind, MakesOf } from '../kinds/makes.ts';
import { makeTask } from './makeTask.ts';
import type { MadeTask } from '../model/madeTask.ts';
import type { Made, MadeComment, TaskTrace } from '../model/outcome.ts';
import { readRows, type RowsRead } from './readRows.ts';
import { proposalsIn } from './proposals.ts';
import { routeTask } from './routeTask.ts';
import { clausesOfUnits } from '../message/shorthand.ts';
import { HoldForPerson, RuleFailure } from '../kinds/stops.ts';
import type { Unit } from '../message/unit.ts';
import { itemKeys } from './units.ts';
import type { View } from '../message/view.ts';

/** What one rule makes of one message. */
export interface RuleResult {
  tasks: MadeTask[];
  comments: MadeComment[];
  makes: Made[];
  effects: DueEffect[];
  trace: TaskTrace[];
  /** In words, where it did not do what it says because of the message. */
  remark?: string | null;
  /** What the user asked for and did not get, in words. */
  remarks: string[];
}

/** Works a rule on a message that it takes. Throws HoldForPerson and RuleFailure. */
export function runRule(rule: CompiledRule, view: View): RuleResult {
  const [problem] = rule.problems;
  if (problem) throw new RuleFailure(problem.message);
  return workOf(rule, view, rule.version.definition.makes);
}

const workOf = <K extends MakesKind>(rule: CompiledRule, view: View, makes: MakesOf<K>): RuleResult =>
  WORK[makes.kind](rule, view, makes);

const makeUnits = (rule: CompiledRule, view: View): RuleResult => {
  const { units, remark } = rule.units(view);
  return { ...makeTasks(rule, view, units), remark };
};

/** How each kind of what a rule makes is made. */
const WORK: { [K in MakesKind]: (rule: CompiledRule, view: View, makes: MakesOf<K>) => RuleResult } = {
  task: makeUnits,
  items: makeUnits,
  rows: makeUnits,
  matches: makeUnits,
  project: makeUnits,
  comment: commentOr,
  nothing: (rule, view) => ({ ...NONE, effects: effectsOf(rule, view) }),
  hold: (_, __, { why }) => {
    throw new HoldForPerson(why || 'The rule says so.');
  },
};

const NONE: RuleResult = { tasks: [], comments: [], makes: [], effects: [], trace: [], remarks: [] };

const readWhole = (rule: CompiledRule, view: View) =>
  readRows(rule.rows, view, { kind: 'message' }, rule.shorthand(view));

function makeTasks(rule: CompiledRule, view: View, units: readonly Unit[]): RuleResult {
  const shorthand = clausesOfUnits(rule.shorthand(view), units, view);
  const keys = itemKeys(units);
  const { makes } = rule.version.definition;
  const opened = makes.kind === 'project' ? openProject(rule, view, makes) : null;
  const wanted = makes.kind === 'project' && makes.tasks === 'none' ? [] : units;
  const made = wanted.map((unit, i) => {
    const read = readRows(rule.rows, view, unit, shorthand[i] ?? []);
    const routed = routeTask(rule, view, valuesOf(read));
    const itemKey = keys[i] ?? 'message';
    const task = makeTask({ rule, view, unit, itemKey, read, routed });
    if (opened) task.fields.project = opened.name;
    const trace: TaskTrace = { itemKey, fields: read.trace, route: routed.trace };
    return { task, trace, makes: [...read.makes, ...routed.makes], remarks: read.remarks };
  });
  return {
    tasks: made.map(({ task }) => task),
    comments: [],
    makes: distinct([...(opened ? [opened] : []), ...made.flatMap((each) => each.makes)]),
    effects: effectsOf(rule, view),
    trace: made.map(({ trace }) => trace),
    remarks: made.flatMap(({ remarks }) => remarks),
  };
}

const valuesOf = ({ values }: RowsRead): Map<string, Value> =>
  new Map([...values].map(([key, { value }]) => [key, value]));

const distinct = (makes: readonly Made[]): Made[] => [
  ...new Map(
    makes.map((each) => [JSON.stringify({ ...each, description: '' }).toLowerCase(), each]),
  ).values(),
];

/** The project is named by the whole message; its description is the message's own words. */
function openProject(
  rule: CompiledRule,
  view: View,
  { named }: MakesOf<'project'>,
): Extract<Made, { what: 'project' }> {
  const value = readWhole(rule, view).values.get(nameKey(named))?.value;
  const name = value === undefined ? '' : wordsOfValue(value).slice(0, 80).trim();
  if (name === '') throw new HoldForPerson(`The project has no name: ${named} was not found.`);
  return { what: 'project', name, description: view.text(scopeOfWords(view)).value.trim() };
}

/** Where a message says what it has to say: the newest words, of a note to oneself the note. */
const scopeOfWords = (view: View) => (view.text('newest').value.trim() === '' ? 'note' : 'newest');

function commentOr(rule: CompiledRule, view: View, makes: MakesOf<'comment'>): RuleResult {
  const on = makes.on.map((how) => taskOf(how, view)).find((task) => task !== null) ?? null;
  if (on) return comment(rule, view, on);
  if (makes.otherwise === 'hold') throw new HoldForPerson('There is no task that it could be a comment on.');
  return makes.otherwise === 'task' ? makeTasks(rule, view, [{ kind: 'message' }]) : NONE;
}

function taskOf(how: 'address' | 'reference' | 'thread', { incoming }: View): KnownTask | null {
  const { thread, byReference, ofAddress } = incoming.tasks;
  if (how === 'address') return ofAddress;
  const known = how === 'thread' ? thread : Object.values(byReference).flat();
  return known.find((task) => task.open) ?? known[0] ?? null;
}

/** The row “comment”, else the newest words, else the note. */
export function comment(rule: CompiledRule, view: View, on: KnownTask): RuleResult {
  const read = readWhole(rule, view);
  const own = read.values.get('comment');
  const scope = scopeOfWords(view);
  const text = view.text(scope);
  const { ruleId, version } = rule.version;
  const evidence = {
    ruleId,
    version,
    readingId: own?.readingId ?? null,
    readingKind: own?.readingKind ?? scope,
    spans: own?.spans ?? text.spans(0, text.value.length),
  };
  return {
    tasks: [],
    comments: [
      { on, text: own ? wordsOfValue(own.value) : text.value.trim(), evidence, proposes: proposalsIn(view) },
    ],
    // A comment has no project, person or choice that would have to be there.
    makes: [],
    effects: effectsOf(rule, view),
    trace: [{ itemKey: 'message', fields: read.trace, route: [] }],
    remarks: read.remarks,
  };
}

const effectsOf = (rule: CompiledRule, view: View): DueEffect[] =>
  rule.effects.map((make) => make(view, () => readWhole(rule, view).values));
