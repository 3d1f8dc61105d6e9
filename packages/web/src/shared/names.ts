import { useQuery } from '@tanstack/react-query';
import { projects } from '../api/queries.ts';

/** The name of a project by its id, for sentences. */
export function useProjectName(): (id: string) => string {
  const { data } = useQuery(projects);
  return (id) => data?.items.find((project) => project.id === id)?.name ?? 'a project that is gone';
}
