import type { Names } from '@hatband/core/rules';
import { useQuery } from '@tanstack/react-query';
import { projects } from '../api/queries.ts';

/** The names of projects, for sentences. */
export function useNames(): Names {
  const { data } = useQuery(projects);
  return {
    project: (id) => data?.items.find((project) => project.id === id)?.name ?? 'a project that is gone',
  };
}
