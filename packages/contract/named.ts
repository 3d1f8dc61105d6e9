import { LookupTable, WrittenTable } from '@hatband/core/rules';
import { Person, Project, Requirement, Tag, TaskTemplate, WrittenTemplate } from '@hatband/core/tasks';
import { z } from 'zod';
import { TextId } from './common.ts';
import { endpoint } from './endpoint.ts';

/** What rules can name besides projects, by the word in its path; each has a name of its own among its kind. */
export const RegisterKind = z.enum(['people', 'tables', 'templates', 'tags']);
export type RegisterKind = z.infer<typeof RegisterKind>;

const Entry = <S extends z.ZodType>(body: S) => z.object({ id: z.string(), revision: z.number(), body });

/** The doors of one register; `written`: what is saved has to be, where stored entries may be less. A new name is carried into the rules that name the old one, as new versions of them. */
function register<S extends z.ZodType<{ name: string }>, W extends z.ZodType<{ name: string }>>(
  kind: RegisterKind,
  body: S,
  written: W,
) {
  const path = `/api/${kind}`;
  const answer = z.object({ items: z.array(Entry(body)) });
  const one = { path: `${path}/:id`, params: TextId, revision: true, answer };
  return {
    kind,
    body,
    list: endpoint({ method: 'get', path, answer }),
    add: endpoint({ method: 'post', path, body: written, answer }),
    save: endpoint({ method: 'put', body: written, ...one }),
    remove: endpoint({ method: 'delete', ...one }),
  };
}

export type Register<
  S extends z.ZodType<{ name: string }>,
  W extends z.ZodType<{ name: string }> = S,
> = ReturnType<typeof register<S, W>>;

export const registers = {
  people: register('people', Person, Person),
  tables: register('tables', LookupTable, WrittenTable),
  templates: register('templates', TaskTemplate, WrittenTemplate),
  tags: register('tags', Tag, Tag),
};

/** What hangs on something that is to be deleted. */
export const Uses = z.object({
  rules: z.array(z.object({ id: z.string(), name: z.string(), state: z.enum(['draft', 'live', 'paused']) })),
  openTasks: z.number(),
});
export type Uses = z.infer<typeof Uses>;

export const getUses = endpoint({
  method: 'get',
  path: '/api/uses/:kind/:id',
  params: z.object({ kind: z.enum([...RegisterKind.options, 'projects', 'mailboxes']), id: z.string() }),
  answer: Uses,
});

export const StoredProject = z.object({ id: z.string(), revision: z.number(), ...Project.shape });
export type StoredProject = z.infer<typeof StoredProject>;

const projectList = z.object({ items: z.array(StoredProject), inbox: z.array(Requirement) });

/** `inbox`: what a task has to have that has no project yet. */
export const listProjects = endpoint({ method: 'get', path: '/api/projects', answer: projectList });

/** Makes a project and its intake address. */
export const addProject = endpoint({
  method: 'post',
  path: '/api/projects',
  body: Project,
  answer: StoredProject,
});

const onProject = { path: '/api/projects/:id', params: TextId, revision: true, answer: projectList };
export const saveProject = endpoint({ method: 'put', body: Project, ...onProject });
/** Its tasks stay, in no project; its address is refused from then on. */
export const deleteProject = endpoint({ method: 'delete', ...onProject });

export const saveInboxRequirements = endpoint({
  method: 'put',
  path: '/api/inbox-requirements',
  body: z.object({ requirements: z.array(Requirement) }),
  answer: projectList,
});
