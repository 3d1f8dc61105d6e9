import type { FilterNames } from '@hatband/core/tasks';
import { useQuery } from '@tanstack/react-query';
import { addresses, projects, ruleNames } from '../../api/queries.ts';
import { dayText, useClock } from '../../shared/clock.ts';

/** How the kinds of ways in are called. */
export const SOURCES: Readonly<Record<string, string>> = {
  smtp: 'mail to an address',
  mailbox: 'a watched mailbox',
  file: 'a file',
  http: 'an HTTP request',
  practice: 'the practice mailbox',
};

/** What stands behind the ids in filters, groups and columns. */
export function useFilterNames(): FilterNames {
  const clock = useClock();
  const { data: known } = useQuery(projects);
  const { data: rules } = useQuery(ruleNames);
  const { data: ways } = useQuery(addresses);
  const names: Readonly<Record<string, (value: string) => string | undefined>> = {
    project: (id) => known?.items.find((each) => each.id === id)?.name ?? 'a project that is gone',
    rule: (id) => rules?.items.find((each) => each.id === id)?.name ?? 'the built-in reading',
    address: (id) => ways?.items.find((each) => String(each.id) === id)?.address,
    source: (kind) => SOURCES[kind],
  };
  return {
    value: (field, value) => names[field]?.(value) ?? value,
    day: (iso) => dayText(iso, clock.today),
  };
}
