import type { Reading } from '../../reading/index.ts';
import { sameName, shortTitle } from '../../tasks/index.ts';
import { BUILT_IN, builtInRule } from '../model/builtIn.ts';
import { candidates, compile, compileRule, type CompiledRule, type CompiledRules } from './compile.ts';
import { Context } from '../message/context.ts';
import { isReply } from '../kinds/conditions/reply.ts';
import { Delivery, KnownTasks, type Incoming, type KnownTask } from '../message/incoming.ts';
import { fillField, NO_TITLE } from './makeTask.ts';
import type { Held } from '../model/evidence.ts';
import type { MadeTask } from '../model/madeTask.ts';
import type { Made, Outcome, RuleTrace } from '../model/outcome.ts';
import { comment, runRule, type RuleResult } from './runRule.ts';
import { HoldForPerson, RuleFailure } from '../kinds/stops.ts';
import { isStartedBy } from '../kinds/starts.ts';
import { termsOf } from './terms.ts';
import { viewOf, type View } from '../message/view.ts';
import type { Tested } from '../model/when.ts';

export interface EvaluateOptions {
  /** Mail at an intake address that no rule takes becomes a task by the built-in reading. */
  lastRule: boolean;
  /** All rules are asked, though the index rules most of them out: for the full trace. */
  askAll?: boolean;
}

/**
 * What a message becomes by these rules, in their order: the first that takes it is the last one asked, unless it says
 * “go on”; then later ones fill what is empty in its tasks, and make tasks only where there are none.
 */
export function evaluate(
  compiled: CompiledRules,
  incoming: Incoming,
  { lastRule, askAll = false }: EvaluateOptions,
): Outcome {
  const view = viewOf(incoming, compiled.context);
  const asked = askAll ? compiled.rules.map((_, i) => i) : candidates(compiled, termsOf(view));
  const outcome = emptyOutcome();
  for (const i of asked) {
    const rule = compiled.rules[i];
    if (rule && isMeantFor(rule, incoming) && askRule(rule, view, outcome) === 'stop') break;
  }
  if (!askAll) outcome.ruledOut = ruledOut(compiled, asked);
  const first = compiled.rules.find(({ version }) => version.ruleId === outcome.tasks[0]?.rule.ruleId);
  const settled = withTitles(settle(outcome, view, lastRule), view);
  const again = first?.version.definition.again ?? 'offer';
  return withRemarks(again === 'make' ? settled : withoutRepeating(settled, incoming), view);
}

/** A task whose title no reading found has the subject. */
function withTitles(outcome: Outcome, { incoming }: View): Outcome {
  const { value, spans } = incoming.reading.facts.subject;
  if (value === '') return outcome;
  for (const task of outcome.tasks) {
    if (task.fields.title !== NO_TITLE) continue;
    task.fields.title = shortTitle(value);
    const { ruleId, version } = task.rule;
    task.evidence.title = { ruleId, version, readingId: null, readingKind: 'subject', spans };
  }
  return outcome;
}

/** A rule's word counts more than the project's address that the mail was sent to; it is told where the two differ. */
function withRemarks(outcome: Outcome, { incoming: { delivery } }: View): Outcome {
  const { target } = delivery;
  if (target.kind !== 'project') return outcome;
  const elsewhere = outcome.tasks.filter(
    ({ fields }) => fields.project === null || !sameName(fields.project, target.name),
  );
  const told = elsewhere.map(
    ({ rule, fields }) =>
      `It came by the address of ${target.name}, but the rule ${rule.name} put its task in ${fields.project ?? 'no project'}.`,
  );
  return { ...outcome, remarks: [...outcome.remarks, ...new Set(told)] };
}

/** The tasks of an original that came another way before are not made a second time. */
const withoutRepeating = (outcome: Outcome, { tasks }: Incoming): Outcome =>
  tasks.ofOriginal.length === 0 || outcome.tasks.length === 0
    ? outcome
    : { ...outcome, kind: 'again', tasks: [], makes: [] };

/** What a message becomes where there is no rule; the way it came does not matter to the built-in reading. */
export function evaluateBuiltIn(reading: Reading): Outcome {
  const delivery = Delivery.parse({ at: '1970-01-01' });
  return evaluate(NO_RULES, { reading, delivery, tasks: KnownTasks.parse({}) }, { lastRule: true });
}

const NO_RULES = compile([], Context.parse({}));

/** One rule on one message, whatever its start: by hand, or again after it failed. */
export function evaluateOne(rule: CompiledRule, incoming: Incoming, context: Context): Outcome {
  const view = viewOf(incoming, context);
  const outcome = emptyOutcome();
  askRule(rule, view, outcome);
  return withRemarks(withTitles(settle(outcome, view, false), view), view);
}

/** What a rule's conditions say of a message, each of them. */
export const testRule = (rule: CompiledRule, incoming: Incoming, context: Context): Tested =>
  rule.test(viewOf(incoming, context), new Map());

const emptyOutcome = (): Outcome => ({
  kind: 'nothing',
  reason: null,
  rules: [],
  tasks: [],
  comments: [],
  makes: [],
  effects: [],
  held: [],
  trace: [],
  ruledOut: [],
  remarks: [],
});

/** Whether a rule is set to work by what happened; mail that answers itself reaches only rules that name it. */
function isMeantFor({ version, seesReplies }: CompiledRule, { delivery, reading }: Incoming): boolean {
  const { start, makes } = version.definition;
  // What comes by a task's own address is about that task.
  if (delivery.target.kind === 'task' && makes.kind !== 'comment') return false;
  return isStartedBy(start, delivery) && (seesReplies || reading.facts.automatic !== 'reply');
}

/** Asks a rule and, where it takes the message, adds what it makes. Answers whether later rules are asked. */
function askRule(rule: CompiledRule, view: View, outcome: Outcome): 'stop' | 'go on' {
  const name = nameOf(rule);
  const when = rule.test(view, new Map());
  if (!when.holds) {
    outcome.trace.push({ ...name, taken: false, when, tasks: [], problem: null, remark: null });
    return 'go on';
  }
  outcome.rules.push(name);
  outcome.trace.push(workRule(rule, view, outcome, when));
  return rule.version.definition.then;
}

function workRule(rule: CompiledRule, view: View, outcome: Outcome, when: Tested): RuleTrace {
  const name = nameOf(rule);
  const taken = { ...name, taken: true, when };
  try {
    const result = runRule(rule, view);
    addResult(outcome, result, name);
    return { ...taken, tasks: result.trace, problem: null, remark: result.remark ?? null };
  } catch (error) {
    const held = heldBy(error);
    outcome.held.push({ ...name, ...held });
    return { ...taken, tasks: [], problem: held.message, remark: null };
  }
}

function heldBy(error: unknown): Pick<Held, 'why' | 'message'> {
  if (error instanceof HoldForPerson) return { why: 'hold', message: error.message };
  const message = error instanceof Error ? error.message : String(error);
  return {
    why: 'failed',
    message: error instanceof RuleFailure ? message : `The rule failed: ${message}`,
  };
}

const nameOf = ({ version }: CompiledRule) => ({
  ruleId: version.ruleId,
  version: version.version,
  name: version.definition.name,
});

function addResult(outcome: Outcome, result: RuleResult, name: ReturnType<typeof nameOf>): void {
  const isFirst = outcome.tasks.length === 0;
  if (isFirst) outcome.tasks = result.tasks;
  else for (const task of outcome.tasks) fillFrom(task, result.tasks);
  outcome.comments.push(...result.comments);
  outcome.makes.push(...result.makes.filter((made) => isFirst || isNamed(made, outcome.tasks)));
  outcome.effects.push(...result.effects.map((effect) => ({ ...name, effect })));
  outcome.remarks = [...new Set([...outcome.remarks, ...result.remarks])];
}

/** Whether what would be made is named by a task: a value that was not needed makes nothing. */
const isNamed = ({ name }: Made, tasks: readonly MadeTask[]) =>
  tasks.some(({ fields: { fields, project, assignee } }) =>
    [project, assignee, ...Object.values(fields)].flat().includes(name),
  );

/** Fills what is empty in a task from the later rule's task of the same item, else from its first. */
function fillFrom(task: MadeTask, later: readonly MadeTask[]): void {
  const source = later.find(({ itemKey }) => itemKey === task.itemKey) ?? later[0];
  if (!source) return;
  const { fields: own, ...builtIn } = source.fields;
  const isThere = (value: unknown) =>
    value !== null && value !== '' && value !== NO_TITLE && !isEmptyList(value);
  for (const [field, value] of [...Object.entries(builtIn), ...Object.entries(own)]) {
    if (value === null || !isThere(value) || !fillField(task.fields, field, value)) continue;
    const evidence = source.evidence[field];
    if (evidence) task.evidence[field] = evidence;
  }
  task.comment ??= source.comment;
  task.effort ??= source.effort;
  if (task.checklist.length === 0) task.checklist = source.checklist;
}

const isEmptyList = (value: unknown) => Array.isArray(value) && value.length === 0;

function ruledOut({ ruledOut: all }: CompiledRules, asked: readonly number[]): Outcome['ruledOut'] {
  const places = new Set(asked);
  return all.filter((_, i) => !places.has(i));
}

/** The kind of the outcome; what no rule took goes to the last one, where it is asked for. */
function settle(outcome: Outcome, view: View, lastRule: boolean): Outcome {
  if (outcome.held.length > 0) return { ...outcome, kind: 'held' };
  if (outcome.tasks.length > 0 || outcome.makes.some(({ what }) => what === 'project'))
    return { ...outcome, kind: 'tasks' };
  if (outcome.comments.length > 0) return { ...outcome, kind: 'comment' };
  if (outcome.rules.length > 0) return { ...outcome, kind: 'nothing', reason: 'a rule says so' };
  const { automatic } = view.incoming.reading.facts;
  if (automatic === 'reply') return { ...outcome, kind: 'nothing', reason: 'answers itself' };
  if (automatic === 'notice') return { ...outcome, kind: 'nothing', reason: 'made by a machine' };
  if (view.incoming.delivery.target.kind === 'mailbox' || view.incoming.delivery.occasion !== 'arrival')
    return { ...outcome, kind: 'nothing', reason: 'no rule took it' };
  if (!lastRule) return { ...outcome, kind: 'unclaimed' };
  const on = taskAnswered(view);
  return on ? commentByBuiltIn(outcome, view, on) : byBuiltIn(outcome, view);
}

/** The task that a message belongs to which no rule took: that of its address or, if the user wants that, of its thread. */
function taskAnswered({ incoming, context }: View): KnownTask | null {
  const { ofAddress, thread } = incoming.tasks;
  if (ofAddress) return ofAddress;
  const isAnswer = context.replies === 'comment' && isReply(incoming);
  return isAnswer ? (thread.find(({ open }) => open) ?? null) : null;
}

function commentByBuiltIn(outcome: Outcome, view: View, on: KnownTask): Outcome {
  return { ...outcome, kind: 'comment', comments: comment(lastResort, view, on).comments };
}

const lastResort = compileRule(builtInRule, Context.parse({}));

function byBuiltIn(outcome: Outcome, view: View): Outcome {
  const result = runRule(lastResort, view);
  const name = { ruleId: BUILT_IN, version: builtInRule.version, name: builtInRule.definition.name };
  const when: Tested = { group: 'all', holds: true, of: [] };
  const trace = { ...name, taken: true, when, tasks: result.trace, problem: null, remark: null };
  return { ...outcome, kind: 'unclaimed', tasks: result.tasks, trace: [...outcome.trace, trace] };
}
