import { addProject, registers, saveProject } from '@hatband/contract';
import { Person, Project, type OwnField } from '@hatband/core/tasks';
import { useQuery } from '@tanstack/react-query';
import { call } from '../../api/call.ts';
import { projects } from '../../api/queries.ts';
import { useAct } from '../useAct.ts';

/** Makes what is missed while a value is chosen, and answers once it is there. */
export function useMake() {
  const { data } = useQuery(projects);
  const act = useAct('project', 'named');
  const changeProject = (id: string | undefined, change: (project: Project) => Partial<Project>) =>
    act.mutateAsync(async () => {
      const stored = data?.items.find((each) => each.id === id);
      if (!stored) return;
      const { id: _, revision, ...project } = stored;
      await call(saveProject, {
        params: { id: stored.id },
        revision,
        body: { ...project, ...change(project) },
      });
    });
  return {
    /** Answers its id. */
    project: async (name: string) => {
      let id = '';
      await act.mutateAsync(async () => {
        ({ id } = await call(addProject, { body: Project.parse({ name }) }));
      });
      return id;
    },
    person: (name: string) =>
      act.mutateAsync(() => call(registers.people.add, { body: Person.parse({ name }) })),
    section: (project: string | undefined, name: string) =>
      changeProject(project, ({ sections }) => ({ sections: [...sections, name] })),
    choice: (project: string | undefined, { name: field }: OwnField, choice: string) =>
      changeProject(project, ({ fields }) => ({
        fields: fields.map((each) =>
          each.name === field ? { ...each, choices: [...each.choices, choice] } : each,
        ),
      })),
  };
}
