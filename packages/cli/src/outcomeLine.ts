import { sayTrace, type Evidence, type MadeTask, type Outcome } from '@hatband/core/rules';

/** The JSON line of one message by a file of rules, as docs/rules.md lays it down. */
export function outcomeLine(file: string, outcome: Outcome, withTrace: boolean) {
  const names = new Map(outcome.trace.map(({ ruleId, name }) => [ruleId, name]));
  const { comments, makes, effects, held } = outcome;
  return {
    file,
    outcome: outcome.kind,
    rules: outcome.rules.map(({ name }) => name),
    tasks: outcome.tasks.map((task) => taskOf(task, names)),
    ...(comments.length === 0 ? {} : { comments: comments.map(({ on, text }) => ({ on: on.title, text })) }),
    ...(makes.length === 0 ? {} : { makes }),
    ...(effects.length === 0 ? {} : { effects: effects.map(({ effect }) => effect) }),
    ...(held.length === 0
      ? {}
      : { held: held.map(({ name, why, message }) => ({ rule: name, why, message })) }),
    ...(withTrace ? { trace: { rules: outcome.trace, said: sayTrace(outcome).map(sayLine) } } : {}),
  };
}

const sayLine = ({ mark, depth, text }: ReturnType<typeof sayTrace>[number]) =>
  `${'  '.repeat(depth)}${mark === null ? '' : mark ? '✓ ' : '✗ '}${text}`;

function taskOf(
  { fields, evidence, checklist, effort, comment, place }: MadeTask,
  names: ReadonlyMap<string, string>,
) {
  const { title, due, start, deadline, priority, project, section, assignee, tags, notes, reminders } =
    fields;
  return {
    title,
    due,
    start,
    deadline,
    priority,
    project,
    section,
    assignee,
    tags,
    notes,
    reminders,
    fields: fields.fields,
    ...(comment === null ? {} : { comment }),
    ...(checklist.length === 0 ? {} : { checklist }),
    ...(effort === null ? {} : { effort }),
    ...(place === 'bottom' ? {} : { place }),
    evidence: Object.fromEntries(
      Object.entries(evidence).map(([field, each]) => [field, evidenceOf(each, names)]),
    ),
  };
}

const evidenceOf = (
  { spans, ruleId, readingId, readingKind }: Evidence,
  names: ReadonlyMap<string, string>,
) => ({
  spans,
  rule: names.get(ruleId) ?? ruleId,
  reading: readingId ?? readingKind,
});
