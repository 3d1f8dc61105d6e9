import type { StoredProject, Task } from '@hatband/contract';
import { gapsIn, ownNameOf, requiredField, type Requirement } from '@hatband/core/tasks';
import { useQuery } from '@tanstack/react-query';
import { projects } from '../api/queries.ts';

export interface Gaps {
  /** The fields that some project, or the inbox, requires; as columns have them. */
  columns: string[];
  isGap: (task: Task, field: string) => boolean;
  isSettled: (task: Task) => boolean;
}

/** What tasks lack of what their projects require. */
export function useGaps(): Gaps {
  const { data } = useQuery(projects);
  const all = data?.items ?? [];
  const inbox = data?.inbox ?? [];
  const missingIn = (task: Task) =>
    gapsIn(requirementsOf(task, all, inbox), (name) => isFilled(task, name)).flat();
  const required = [...inbox, ...all.flatMap(({ requirements }) => requirements)].flat().map(requiredField);
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

const requirementsOf = ({ project }: Task, all: readonly StoredProject[], inbox: readonly Requirement[]) =>
  project === null ? inbox : (all.find(({ id }) => id === project.id)?.requirements ?? []);

function isFilled(task: Task, name: string): boolean {
  const own = ownNameOf(requiredField(name));
  const value: unknown =
    own === null ? Object.entries(task).find(([field]) => field === name)?.[1] : task.fields[own];
  return (
    value !== null && value !== undefined && value !== '' && !(Array.isArray(value) && value.length === 0)
  );
}
