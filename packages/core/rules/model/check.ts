import { checkKind, sameName, wordsOfValue } from '../../tasks/index.ts';
import { leavesOf, problemsOfWhen } from './when.ts';
import { needsOfReading, problemsOfReading } from '../kinds/readings/index.ts';
import type { Context } from '../message/context.ts';
import { templatesOf, type Effect } from '../kinds/effects.ts';
import { missing, type Fault } from '../message/missing.ts';
import { compilePattern, hasGroup } from '../message/pattern.ts';
import { compileTemplate } from '../kinds/template.ts';
import { kindOfField, orderRows } from './rows.ts';
import type { Ref, RouteLine } from './route.ts';
import type { ReadRow, RuleDefinition } from './rule.ts';

/** What keeps a rule from working, at its place in the definition. */
export interface Problem extends Fault {
  path: (string | number)[];
}

/** What is wrong with a rule whose form is right: names of what does not exist, values of another kind, circles. */
export function checkRule(definition: RuleDefinition, context: Context): Problem[] {
  const { when, read, route, makes, effects } = definition;
  // Every rule reads a title.
  const fields = ['title', ...read.map(({ field }) => field)];
  return [
    ...problemsOfWhen(when, context).map(at('when')),
    ...leavesOf(when)
      .filter(({ condition }) => condition.kind === 'value')
      .map(({ path }) => ({ path, message: 'A value read can be asked only in Route.' }))
      .map(at('when')),
    ...read.flatMap((row, i) => problemsOfRow(row, fields, context).map(at('read', i))),
    ...circleIn(read),
    ...groupsOfMatch(definition),
    ...route.flatMap((line, i) => problemsOfLine(line, fields, context).map(at('route', i))),
    ...(makes.kind === 'project' && !has(fields, makes.named)
      ? [{ path: ['makes', 'named'], message: `This rule reads no ${makes.named}.` }]
      : []),
    ...effects.flatMap((effect, i) => problemsOfEffect(effect, fields).map(at('effects', i))),
  ];
}

function problemsOfEffect(effect: Effect, fields: readonly string[]): Problem[] {
  return templatesOf(effect).flatMap(({ part, text }) =>
    compileTemplate(text)
      .fields.filter((field) => !has(fields, field))
      .map((field) => ({ path: [part], message: `This rule reads no ${field}.` })),
  );
}

const at =
  (...head: (string | number)[]) =>
  ({ path, ...fault }: Problem): Problem => ({ path: [...head, ...path], ...fault });

const has = (fields: readonly string[], field: string) => fields.some((each) => sameName(each, field));

function problemsOfRow(row: ReadRow, fields: readonly string[], context: Context): Problem[] {
  const { kind, choices } = kindOfField(row, context);
  const setting = {
    day: () => null,
    people: context.people,
    projects: context.projects.map(({ name }) => name),
    choices: row.unknown === 'make' ? null : choices,
  };
  const fixed = [
    ...(row.otherwise === null ? [] : [{ path: ['otherwise'], value: row.otherwise }]),
    ...row.from.flatMap((reading, i) =>
      reading.kind === 'fixed' ? [{ path: ['from', i, 'value'], value: reading.value }] : [],
    ),
  ];
  return [
    ...fixed
      .filter(({ value }) => !isOfKind(checkKind(kind, wordsOfValue(value), setting)))
      .map(({ path, value }) => ({
        path,
        ...((kind === 'project' || kind === 'person') && wordsOfValue(value) !== ''
          ? missing(context, kind, wordsOfValue(value))[0]
          : null),
        message: `“${wordsOfValue(value)}” is no ${kind} for ${row.field}.`,
      })),
    ...row.from.flatMap((reading, i) =>
      [
        ...problemsOfReading(reading, context),
        ...needsOfReading(reading)
          .filter((need) => need !== 'deadline' && !has(fields, need))
          .map((need) => ({ message: `This rule reads no ${need}.` })),
      ].map((fault) => ({ path: ['from', i], ...fault })),
    ),
  ];
}

/** A group of the match that the pattern of the rule does not have. */
function groupsOfMatch({ makes, read }: RuleDefinition): Problem[] {
  const pattern = makes.kind === 'matches' ? compilePattern(makes.pattern) : null;
  return read.flatMap(({ from }, i) =>
    from.flatMap((reading, j) =>
      reading.kind !== 'matchGroup' || pattern === null || hasGroup(pattern, reading.group)
        ? []
        : [
            {
              path: ['read', i, 'from', j, 'group'],
              message: `The pattern has no group “${reading.group}”.`,
            },
          ],
    ),
  );
}

const isOfKind = (checked: ReturnType<typeof checkKind>) => checked !== null && 'value' in checked;

function circleIn(read: readonly ReadRow[]): Problem[] {
  const { circle } = orderRows(read);
  return circle.map((field) => ({
    path: ['read', read.findIndex((row) => row.field === field)],
    message: `${circle.join(' and ')} are made of one another: ${field} never gets a value.`,
  }));
}

function problemsOfLine(line: RouteLine, fields: readonly string[], context: Context): Problem[] {
  const { project, section, assignee, template } = line;
  const named = typeof project === 'string' ? project : null;
  const home = context.projects.find(({ name }) => named !== null && sameName(name, named));
  const lacks = (
    key: 'project' | 'assignee' | 'template',
    what: Parameters<typeof missing>[1],
    name: unknown,
  ) =>
    typeof name === 'string' ? missing(context, what, name).map((fault) => ({ path: [key], ...fault })) : [];
  return [
    ...(line.if === null ? [] : problemsOfWhen(line.if, context).map(at('if'))),
    ...(line.if === null
      ? []
      : leavesOf(line.if).flatMap(({ condition, path }) =>
          condition.kind === 'value' && !has(fields, condition.field)
            ? [{ path: ['if', ...path], message: `This rule reads no ${condition.field}.` }]
            : [],
        )),
    ...lacks('project', 'project', project),
    ...lacks('assignee', 'person', assignee),
    ...lacks('template', 'template', template),
    ...(home && typeof section === 'string' && !home.sections.some((name) => sameName(name, section))
      ? [{ path: ['section'], message: `${home.name} has no section “${section}”.` }]
      : []),
    ...readRefs(line)
      .filter(({ field }) => !has(fields, field))
      .map(({ key, field }) => ({ path: [key], message: `This rule reads no ${field}.` })),
  ];
}

function readRefs({ project, section, assignee }: RouteLine): { key: string; field: string }[] {
  const refs: [string, Ref | RouteLine['project']][] = [
    ['project', project],
    ['section', section],
    ['assignee', assignee],
  ];
  return refs.flatMap(([key, ref]) =>
    ref !== null && typeof ref === 'object' && 'value' in ref ? [{ key, field: ref.value }] : [],
  );
}
