import * as contract from '@hatband/contract';
import type { Express } from 'express';
import type { z } from 'zod';
import { missing } from '../errors.ts';
import * as projects from '../named/projects.ts';
import { addNamed, deleteNamed, listNamed, saveNamed } from '../named/registers.ts';
import { usesOf } from '../named/uses.ts';
import { keepRulesSound } from '../rules/keepSound.ts';
import { answer } from './answer.ts';
import type { AppOptions } from './options.ts';

/** Projects, and the registers of people, lookup tables, task templates and tags. */
export function answerNamed(app: Express, options: AppOptions): void {
  answer(app, contract.getUses, ({ params: { kind, id } }) => usesOf(options.store.read, kind, id));
  answerProjects(app, options);
  answerRegister(app, options, contract.registers.people);
  answerRegister(app, options, contract.registers.tables);
  answerRegister(app, options, contract.registers.templates);
  answerRegister(app, options, contract.registers.tags);
}

function answerProjects(app: Express, { store, clock, user }: AppOptions): void {
  const guarded = keepRulesSound(user);
  const list = async () => ({
    items: await projects.listProjects(store.read),
    inbox: await projects.inboxRequirements(store.read),
  });
  const changed = async (work: Promise<unknown>) => {
    await work;
    return list();
  };
  answer(app, contract.listProjects, list);
  answer(app, contract.addProject, async ({ body }) => {
    const id = await projects.addProject(store, body, clock);
    const { items } = await changed(Promise.resolve());
    const project = items.find((each) => each.id === id);
    if (!project) throw missing('project');
    return project;
  });
  answer(app, contract.saveProject, ({ params: { id }, body, revision }) =>
    changed(projects.saveProject(store, guarded, { id, revision }, body, clock)),
  );
  answer(app, contract.deleteProject, ({ params: { id }, revision }) =>
    changed(projects.deleteProject(store, guarded, { id, revision }, clock)),
  );
  answer(app, contract.saveInboxRequirements, ({ body }) =>
    changed(projects.saveInboxRequirements(store, body.requirements)),
  );
}

function answerRegister<S extends z.ZodType<{ name: string }>, W extends z.ZodType<z.infer<S>>>(
  app: Express,
  { store, clock, user }: AppOptions,
  { kind, body: schema, list, add, save, remove }: contract.Register<S, W>,
): void {
  const guarded = keepRulesSound(user);
  const items = async () => ({ items: await listNamed(store.read, kind, schema) });
  const changed = async (work: Promise<void>) => {
    await work;
    return items();
  };
  answer(app, list, items);
  answer(app, add, ({ body }) => changed(addNamed(store, kind, body)));
  answer(app, save, ({ params: { id }, body, revision }) =>
    changed(saveNamed(store, guarded, { kind, id, revision }, body, clock)),
  );
  answer(app, remove, ({ params: { id }, revision }) =>
    changed(deleteNamed(store, guarded, { kind, id, revision })),
  );
}
