import { Value, wordsOfValue, type FilterNames } from '@hatband/core/tasks';

/** A field's value in words, as a colleague would say it; empty where there is none. */
export function sayValue(field: string, value: unknown, names: FilterNames): string {
  const words = wordsOfValue(Value.safeParse(value).data ?? '');
  return /^\d{4}-\d{2}-\d{2}/.test(words) ? names.day(words) : names.value(field, words);
}
