import { z } from 'zod';
import { groupOf, openGroup } from '../groups.ts';
import { sameName } from '../name.ts';
import { DAY_CONDITIONS, TASK_CONDITIONS } from './conditions.ts';
import type { FilterContext, FilterNames } from './context.ts';
import type { DayRange } from './days.ts';
import type { FilterableTask } from './subject.ts';

type Kinds = typeof TASK_CONDITIONS;
export type TaskConditionKind = keyof Kinds;
export type ConditionOf<K extends TaskConditionKind> = { [P in K]: z.infer<Kinds[P]['schema']> }[K];

const [first, ...rest] = Object.values(TASK_CONDITIONS).map(({ schema }) => schema);
if (!first) throw new Error('There are no kinds of conditions.');
export const TaskCondition = z.discriminatedUnion('kind', [first, ...rest]);
export type TaskCondition = ConditionOf<TaskConditionKind>;

/** Conditions of which all, any or none hold; groups nest. */
export type FilterGroup = { all: TaskFilter[] } | { any: TaskFilter[] } | { none: TaskFilter[] };
export type TaskFilter = TaskCondition | FilterGroup;

const MOST_PARTS = 50;
const of: z.ZodType<TaskFilter[]> = z.lazy(() =>
  z.array(Nested).max(MOST_PARTS, `A group has at most ${MOST_PARTS} conditions.`),
);
const Group: z.ZodType<FilterGroup> = z.union([
  z.strictObject({ all: of }),
  z.strictObject({ any: of }),
  z.strictObject({ none: of }),
]);
const Nested: z.ZodType<TaskFilter> = z.union([TaskCondition, Group]);

const DEEPEST = 8;

export const TaskFilter = Nested.refine((filter) => partsOf(filter).length <= MOST_PARTS, {
  message: `A filter has at most ${MOST_PARTS} conditions and groups.`,
}).refine((filter) => partsOf(filter).every(({ path }) => path.length <= DEEPEST), {
  message: `Groups nest at most ${DEEPEST} deep.`,
});

export const isGroup = (filter: TaskFilter): filter is FilterGroup => !('kind' in filter);

export interface FilterPart {
  part: TaskFilter;
  /** The places in the groups around it; of the whole filter none. */
  path: number[];
}

/** The filter itself and all groups and conditions in it, each behind what it stands in. */
export function partsOf(filter: TaskFilter, path: number[] = []): FilterPart[] {
  const own = { part: filter, path };
  if (!isGroup(filter)) return [own];
  return [own, ...openGroup(filter).of.flatMap((member, i) => partsOf(member, [...path, i]))];
}

/** The filter with another part at a place; null takes the part away, and a group that is empty then. */
export function withPart(filter: TaskFilter, path: readonly number[], part: TaskFilter | null): TaskFilter {
  return replaced(filter, path, part) ?? { all: [] };
}

function replaced(
  filter: TaskFilter,
  [at, ...below]: readonly number[],
  part: TaskFilter | null,
): TaskFilter | null {
  if (at === undefined || !isGroup(filter)) return part;
  const { how, of: members } = openGroup(filter);
  const next = members.flatMap((member, i) => (i === at ? (replaced(member, below, part) ?? []) : member));
  return next.length === 0 ? null : groupOf(how, next);
}

/** Whether a task is among those that the filter asks for. */
export function compileFilter(filter: TaskFilter, context: FilterContext): (task: FilterableTask) => boolean {
  if (!isGroup(filter)) return compileCondition(filter, context);
  const { how, of: members } = openGroup(filter);
  const tests = members.map((member) => compileFilter(member, context));
  if (how === 'all') return (task) => tests.every((test) => test(task));
  if (how === 'any') return (task) => tests.some((test) => test(task));
  return (task) => !tests.some((test) => test(task));
}

const KINDS: {
  [K in TaskConditionKind]: {
    say: (condition: ConditionOf<K>, names: FilterNames) => string;
    compile: (condition: ConditionOf<K>, context: FilterContext) => (task: FilterableTask) => boolean;
  };
} = TASK_CONDITIONS;

const compileCondition = <K extends TaskConditionKind>(condition: ConditionOf<K>, context: FilterContext) =>
  KINDS[condition.kind as K].compile(condition, context);

export const sayCondition = <K extends TaskConditionKind>(
  condition: ConditionOf<K>,
  names: FilterNames,
): string => KINDS[condition.kind as K].say(condition, names);

export type DayConditionKind = keyof typeof DAY_CONDITIONS;

const RANGES: {
  [K in DayConditionKind]: { range: (condition: ConditionOf<K>, context: FilterContext) => DayRange };
} = DAY_CONDITIONS;

/** The days that a condition asks for. */
export const rangeOf = <K extends DayConditionKind>(
  condition: ConditionOf<K>,
  context: FilterContext,
): DayRange => RANGES[condition.kind as K].range(condition, context);

/** A new name of a person (an assignee, for one) or of a tag. */
export interface RenamedName {
  field: 'assignee' | 'waitingFor' | 'tags';
  from: string;
  to: string;
}

/** The filter with the new name of a person or a tag where it compares with the old one. */
export function renameInFilter(filter: TaskFilter, renamed: RenamedName): TaskFilter {
  if (isGroup(filter)) {
    const { how, of: members } = openGroup(filter);
    return groupOf(
      how,
      members.map((member) => renameInFilter(member, renamed)),
    );
  }
  const named = (name: string) => (sameName(name, renamed.from) ? renamed.to : name);
  if (filter.kind === 'is' && filter.field === renamed.field)
    return { ...filter, values: filter.values.map(named) };
  if (filter.kind === 'askedBy' && renamed.field === 'assignee')
    return { ...filter, people: filter.people.map(named) };
  return filter;
}
