import type { EvidenceSpan, ItemFact } from '../reading/index.ts';
import { shortTitle, type ReadField } from '../tasks/index.ts';
import { BUILT_IN, builtInRule } from './builtIn.ts';
import { testCondition } from './conditions/index.ts';
import type { Incoming } from './incoming.ts';
import type {
  Evidence,
  FieldEvidence,
  MadeTask,
  Outcome,
  RuleTrace,
  TestedCondition,
  TriedReading,
} from './outcome.ts';
import { findValue, type RuleReading } from './readings/index.ts';
import type { FieldRow, RuleVersion } from './rule.ts';

/** The title of a task where nothing gave one. */
const NO_TITLE = '(no subject)';
/** A message that becomes one task has one item. */
const WHOLE_MESSAGE = 'message';

/**
 * What a message becomes by these rules, in their order; the first whose conditions hold takes it, else the built-in
 * reading does. Mail that answers itself asks for nothing and reaches no rule.
 */
export function evaluate(incoming: Incoming, rules: readonly RuleVersion[]): Outcome {
  const { automatic } = incoming.reading.facts;
  if (automatic === 'reply') return nothing('answers itself', []);
  const trace: RuleTrace[] = [];
  for (const rule of rules) {
    const conditions = testAll(rule, incoming);
    const taken = conditions.every((condition) => condition.holds);
    if (taken) return take(rule, conditions, incoming, trace);
    trace.push({ ...traceHead(rule), taken, conditions, fields: [] });
  }
  return automatic === 'notice'
    ? nothing('made by a machine', trace)
    : take(builtInRule, [], incoming, trace);
}

/** The trace of one rule on one message, taken or not. */
export function testAll(rule: RuleVersion, incoming: Incoming): TestedCondition[] {
  return rule.definition.when.all.map((condition) => ({ condition, ...testCondition(condition, incoming) }));
}

function nothing(reason: 'answers itself' | 'made by a machine', trace: RuleTrace[]): Outcome {
  return { kind: 'nothing', reason, ruleId: null, tasks: [], trace };
}

function take(
  rule: RuleVersion,
  conditions: TestedCondition[],
  incoming: Incoming,
  before: RuleTrace[],
): Outcome {
  const rows = rule.definition.read.map((row) => ({ field: row.field, tried: tryReadings(row, incoming) }));
  const trace = [...before, { ...traceHead(rule), taken: true, conditions, fields: rows }];
  const unclaimed = rule.ruleId === BUILT_IN;
  return {
    kind: unclaimed ? 'unclaimed' : 'tasks',
    reason: null,
    ruleId: unclaimed ? null : rule.ruleId,
    tasks: tasksOf(rule, rows, incoming),
    trace,
  };
}

const traceHead = (rule: RuleVersion) => ({
  ruleId: rule.ruleId,
  version: rule.version,
  name: rule.definition.name,
});

/** Tries until one finds a value; the later ones are not tried. */
function tryReadings(row: FieldRow, incoming: Incoming): TriedReading[] {
  const tried: TriedReading[] = [];
  for (const reading of [...row.readings, ...(row.otherwise ? [row.otherwise] : [])]) {
    const attempt = tryOne(reading, incoming, row.field);
    tried.push(attempt);
    if (attempt.value !== null) break;
  }
  return tried;
}

function tryOne(reading: RuleReading, incoming: Incoming, field: ReadField): TriedReading {
  const find = findValue(reading, incoming, field);
  if ('missed' in find) return { reading, value: null, missed: find.missed, spans: [] };
  return { reading, value: find.value, missed: null, spans: find.spans };
}

/** The built-in reading makes a task of each item that the message holds; a rule makes one of the whole. */
function tasksOf(rule: RuleVersion, rows: RuleTrace['fields'], incoming: Incoming): MadeTask[] {
  const whole = makeTask(rule, rows, incoming);
  const { items } = incoming.reading.facts;
  if (rule.ruleId !== BUILT_IN || items.length === 0) return [whole];
  return items.map((item, i) => itemTask(item, i, whole, { ruleId: rule.ruleId, version: rule.version }));
}

function itemTask(
  item: ItemFact,
  index: number,
  whole: MadeTask,
  by: { ruleId: string; version: number },
): MadeTask {
  const read = (spans: EvidenceSpan[]): Evidence => ({ ...by, readingId: null, readingKind: 'item', spans });
  const { project } = whole.evidence;
  return {
    itemKey: `item ${String(index + 1)}`,
    fields: {
      ...whole.fields,
      title: shortTitle(item.title) || whole.fields.title,
      due: item.due,
      priority: item.priority,
    },
    evidence: {
      title: read(item.spans.title),
      ...(item.due === null ? {} : { due: read(item.spans.due) }),
      ...(item.priority === null ? {} : { priority: read(item.spans.priority) }),
      ...(project ? { project } : {}),
    },
  };
}

function makeTask(rule: RuleVersion, rows: RuleTrace['fields'], incoming: Incoming): MadeTask {
  const by = { ruleId: rule.ruleId, version: rule.version };
  const values: Partial<Record<ReadField, string>> = {};
  const evidence: FieldEvidence = {};
  for (const { field, tried } of rows) {
    const won = tried.find((attempt) => attempt.value !== null);
    if (won?.value == null) continue;
    values[field] = won.value;
    evidence[field] = { ...by, readingId: won.reading.id, readingKind: won.reading.kind, spans: won.spans };
  }
  const project = projectOf(rule, incoming);
  if (project !== null) evidence.project = route(by);
  return {
    itemKey: WHOLE_MESSAGE,
    fields: {
      title: values.title ?? NO_TITLE,
      due: values.due ?? null,
      priority: asPriority(values.priority),
      project,
    },
    evidence,
  };
}

const route = (by: { ruleId: string; version: number }): Evidence => ({
  ...by,
  readingId: null,
  readingKind: 'route',
  spans: [],
});

const asPriority = (value: string | undefined) =>
  value === 'high' || value === 'medium' || value === 'low' ? value : null;

function projectOf(rule: RuleVersion, { target }: Incoming): string | null {
  const { project } = rule.definition.route;
  if (project.kind === 'named') return project.id;
  return project.kind === 'ofAddress' && target.kind === 'project' ? target.id : null;
}
