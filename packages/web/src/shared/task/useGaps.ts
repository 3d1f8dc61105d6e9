import type { Task } from '@hatband/contract';
import { gapsIn, requiredField, requirementsOf } from '@hatband/core/tasks';
import { useQuery } from '@tanstack/react-query';
import { projects } from '../../api/queries.ts';
import { valueOf } from './valueOf.ts';

export interface Gaps {
  /** The fields that some project, or the inbox, requires; as columns have them. */
  columns: string[];
  isGap: (task: Task, field: string) => boolean;
  isSettled: (task: Task) => boolean;
}

/** What tasks lack of what their projects require. */
export function useGaps(): Gaps {
  const { data } = useQuery(projects);
  const inbox = data?.inbox ?? [];
  const byProject = new Map(data?.items.map(({ id, requirements }) => [id, requirements]));
  const missingIn = (task: Task) =>
    gapsIn(
      requirementsOf(task.project?.id ?? null, { inbox, projects: byProject }),
      (name) => valueOf(task, requiredField(name)) !== null,
    ).flat();
  const required = [...inbox, ...[...byProject.values()].flat()].flat().map(requiredField);
  return {
    columns: [
      'due',
      'project',
      ...new Set(required.filter((field) => field !== 'due' && field !== 'project')),
    ],
    isGap: (task, field) => missingIn(task).some((name) => requiredField(name) === field),
    isSettled: (task) => task.completedAt === null && missingIn(task).length === 0,
  };
}
