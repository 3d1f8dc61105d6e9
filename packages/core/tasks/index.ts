export {
  FIELD_NAMES,
  Priority,
  ReadField,
  shortTitle,
  Status,
  TaskField,
  TaskFields,
  Title,
  valueOfKind,
} from './task.ts';
