import { isBuiltIn, type TaskFields } from './task.ts';
import { sameName } from './name.ts';
import type { Requirement } from './project.ts';

/** The requirements that a task does not meet: of each none of its fields has a value. */
export function gapsOf(fields: TaskFields, requirements: readonly Requirement[]): Requirement[] {
  return requirements.filter((oneOf) => !oneOf.some((field) => hasValue(fields, field)));
}

function hasValue(fields: TaskFields, field: string): boolean {
  if (!isBuiltIn(field)) return Object.keys(fields.fields).some((name) => sameName(name, field));
  if (field === 'comment') return false;
  const value = fields[field];
  return value !== null && value.length > 0;
}
