import { TaskChange } from '@hatband/contract';
import { isList, isTaskField, valueKept, type FieldKind } from '@hatband/core/tasks';

/** The change that gives a field the value back that was read, from how histories keep it; null where that is none. */
export function readAgain(field: string, kept: string, kind: FieldKind | null): TaskChange | null {
  const value = valueKept(kept, isList(field) ? 'several choices' : (kind ?? 'text'));
  if (value === null) return null;
  const change = isTaskField(field) ? { [field]: value } : { fields: { [field]: value } };
  return TaskChange.safeParse(change).data ?? null;
}
