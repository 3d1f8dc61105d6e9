export {
  checkKind,
  effortMinutes,
  parseDuration,
  parseMoney,
  parseNumber,
  sayDuration,
  type Checked,
  type KindSetting,
} from './kinds.ts';
export { labelKey, nameKey, sameName } from './name.ts';
export { findPerson, Person } from './person.ts';
export { areDistinct, OwnField, Project, Requirement } from './project.ts';
export {
  BUILT_IN_FIELDS,
  builtInName,
  ChecklistLine,
  isBuiltIn,
  isDone,
  isList,
  Priority,
  shortTitle,
  Status,
  TaskFields,
  Title,
  type BuiltInField,
} from './task.ts';
export { Tag, TagColour } from './tag.ts';
export { TaskTemplate, WrittenTemplate } from './template.ts';
export { DecimalMark, FieldKind, Money, Value, valueKept, wordsOfValue } from './value.ts';
export { groupOf, openGroup, type How } from './groups.ts';
export { orList, quoted } from './sayList.ts';
export { gapsIn, requirementsOf, type Requirements } from './gaps.ts';
export { NamedView, TaskColumn, TaskScope, TaskSort, TaskView } from './view.ts';
export * from './filter/index.ts';
