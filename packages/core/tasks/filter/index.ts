export {
  comparable,
  DAY_CONDITIONS,
  isExact,
  isOneOf,
  isOpen,
  namesOf,
  TASK_CONDITIONS,
  wordTest,
} from './conditions.ts';
export type { FilterContext, FilterNames } from './context.ts';
export { dayOfInstant, instantsOf, isWithin, plusDays, type DayRange } from './days.ts';
export {
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
  groupOf,
  isGroup,
  openGroup,
  partsOf,
  sayCondition,
  sayFilter,
  TaskCondition,
  TaskFilter,
  withPart,
  type ConditionOf,
  type FilterGroup,
  type FilterPart,
  type How,
  type TaskConditionKind,
} from './filter.ts';
export { valueIn, type FilterableTask } from './subject.ts';
