import { SOURCE_NAMES } from '@hatband/core/rules';
import type { FilterNames } from '@hatband/core/tasks';
import { useQuery } from '@tanstack/react-query';
import { addresses, projects, ruleNames } from '../../api/queries.ts';
import { dayText, useClock } from '../../shared/clock.ts';

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
    source: (kind) => Object.entries(SOURCE_NAMES).find(([name]) => name === kind)?.[1],
  };
  return {
    value: (field, value) => names[field]?.(value) ?? value,
    day: (iso) => dayText(iso, clock.today),
  };
}
