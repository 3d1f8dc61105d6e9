import type { TaskGroup } from '@hatband/contract';
import { isDay, isInstant, labelOfField, type FilterNames } from '@hatband/core/tasks';

/** A group's heading: its value in words, or what is missing. */
export function sayGroup(field: string, value: string | null, names: FilterNames): string {
  if (value === null) return `No ${labelOfField(field)}`;
  if (isDay(field) || isInstant(field) || /^\d{4}-\d{2}-\d{2}$/.test(value)) return names.day(value);
  return names.value(field, value);
}

/** The sums of a shown column: amounts by currency, or a length of time. */
export function saySum({ sums }: Pick<TaskGroup, 'sums'>, field: string): string {
  return sums
    .filter((sum) => sum.field === field && sum.amount !== 0)
    .map(({ currency, amount }) => (field === 'effort' ? sayMinutes(amount) : sayAmount(amount, currency)))
    .join(' + ');
}

function sayMinutes(minutes: number): string {
  const hours = Math.floor(minutes / 60);
  const rest = minutes % 60;
  return [hours > 0 ? `${String(hours)} h` : '', rest > 0 ? `${String(rest)} min` : '']
    .filter(Boolean)
    .join(' ');
}

const sayAmount = (amount: number, currency: string | null) =>
  currency === null
    ? amount.toLocaleString('en-GB', { maximumFractionDigits: 2 })
    : `${currency} ${amount.toLocaleString('en-GB', { minimumFractionDigits: 2, maximumFractionDigits: 2 })}`;

/** The sums of several groups as one. */
export function addedUp(groups: readonly TaskGroup[]): TaskGroup['sums'] {
  const all: TaskGroup['sums'] = [];
  for (const { field, currency, amount } of groups.flatMap(({ sums }) => sums)) {
    const same = all.find((sum) => sum.field === field && sum.currency === currency);
    if (same) same.amount += amount;
    else all.push({ field, currency, amount });
  }
  return all;
}
