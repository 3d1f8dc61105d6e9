import type { Requirement } from './project.ts';

/** What the tasks of each project have to have, by its id; those of the inbox are in no project. */
export interface Requirements {
  inbox: readonly Requirement[];
  projects: ReadonlyMap<string, readonly Requirement[]>;
}

export const requirementsOf = (project: string | null, { inbox, projects }: Requirements) =>
  project === null ? inbox : (projects.get(project) ?? []);

/** The requirements that are not met: of each of them no field is filled. */
export function gapsIn(
  requirements: readonly Requirement[],
  isFilled: (field: string) => boolean,
): readonly Requirement[] {
  return requirements.filter((fields) => !fields.some(isFilled));
}
