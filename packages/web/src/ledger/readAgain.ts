import { TaskChange } from '@hatband/contract';
import { isTaskField, Value, type FieldKind } from '@hatband/core/tasks';

const AS_JSON: readonly (FieldKind | null)[] = ['number', 'money', 'several choices', 'yes/no'];

/** The change that gives a field the value back that was read, from how histories keep it; null where that is none. */
export function readAgain(field: string, kept: string, kind: FieldKind | null): TaskChange | null {
  const isList = field === 'tags' || field === 'reminders';
  const value = Value.safeParse(isList || AS_JSON.includes(kind) ? jsonIn(kept) : kept).data;
  if (value === undefined) return null;
  const change = isTaskField(field) ? { [field]: value } : { fields: { [field]: value } };
  return TaskChange.safeParse(change).data ?? null;
}

function jsonIn(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}
