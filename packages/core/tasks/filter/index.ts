export { comparable, isExact, isOneOf, namesOf, TASK_CONDITIONS, wordTest } from './conditions.ts';
export type { FilterContext, FilterNames } from './context.ts';
export { dayOfInstant, instantsOf, isWithin, midnight, plusDays, type DayRange } from './days.ts';
export {
  isDay,
  isDayKind,
  isInstant,
  isTaskField,
  labelOfField,
  ownField,
  ownNameOf,
  requiredField,
  TASK_FIELDS,
  type TaskFieldName,
} from './fields.ts';
export {
  compileFilter,
  isGroup,
  partsOf,
  rangeOf,
  renameInFilter,
  sayCondition,
  TaskCondition,
  TaskFilter,
  withPart,
  type ConditionOf,
  type DayConditionKind,
  type FilterGroup,
  type FilterPart,
  type RenamedName,
  type TaskConditionKind,
} from './filter.ts';
export { valueIn, type FilterableTask } from './subject.ts';
