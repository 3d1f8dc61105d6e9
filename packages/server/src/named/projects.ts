import type { StoredProject } from '@hatband/contract';
import { builtInName, isBuiltIn, Project, Requirement, sameName } from '@hatband/core/tasks';
import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { z } from 'zod';
import type { Clock } from '../clock.ts';
import { Failure, missing } from '../errors.ts';
import { insertAddress } from '../intake/addresses.ts';
import { renameInRules } from '../ruleVersions/renameInRules.ts';
import type { Guarded } from './guarded.ts';
import { record, parseJson, type ProjectRow, type Store } from '../store/index.ts';

export async function listProjects(db: Knex): Promise<StoredProject[]> {
  const rows = await db('projects').whereNull('deleted_at').orderByRaw('lower(name)');
  return rows.map(view);
}

function view({ id, name, description, revision, ...row }: ProjectRow): StoredProject {
  const { sections, fields, requirements } = Project.shape;
  return {
    id,
    revision,
    name,
    description,
    sections: parseJson(sections, row.sections),
    fields: parseJson(fields, row.fields),
    requirements: parseJson(requirements, row.requirements),
  };
}

/** At first a task without a project needs a project and a due date. */
const AT_FIRST: Requirement[] = [['project'], ['due']];

export async function inboxRequirements(db: Knex): Promise<Requirement[]> {
  const row = await db('settings').where({ key: 'inboxRequirements' }).first();
  return row ? parseJson(z.array(Requirement), row.value) : AT_FIRST;
}

export async function saveInboxRequirements(store: Store, requirements: Requirement[]): Promise<void> {
  await store.write(async (trx) => {
    const value = JSON.stringify(requirements);
    await trx('settings').insert({ key: 'inboxRequirements', value }).onConflict('key').merge();
    await record(trx, [{ kind: 'project', ref: '' }]);
  });
}

const columns = ({ name, description, sections, fields, requirements }: Project) => ({
  name,
  description,
  sections: JSON.stringify(sections),
  fields: JSON.stringify(fields),
  requirements: JSON.stringify(requirements),
});

export const addProject = (store: Store, project: Project, clock: Clock): Promise<string> =>
  store.write((trx) => insertProject(trx, project, clock));

/** A project and its intake address; the id. Throws where the name is taken. */
export async function insertProject(trx: Knex.Transaction, project: Project, clock: Clock): Promise<string> {
  await requireFree(trx, project.name);
  requireOwnNames(project);
  const id = randomUUID();
  await trx('projects').insert({ id, ...columns(project), created_at: clock().toISOString() });
  await insertAddress(trx, { kind: 'project', id }, project.name, clock);
  await record(trx, [
    { kind: 'project', ref: id },
    { kind: 'address', ref: id },
  ]);
  return id;
}

/** A field of a project's own would never be read under the name that every task's field has. */
function requireOwnNames({ fields }: Project, before: Project | null = null): void {
  const taken = fields.findIndex(
    ({ name }) => isBuiltIn(builtInName(name)) && !before?.fields.some((known) => known.name === name),
  );
  if (taken === -1) return;
  const message = `Every task has the field ${fields[taken]?.name ?? ''} already; choose another name.`;
  throw new Failure('input', message, [{ path: `fields.${String(taken)}.name`, message }]);
}

async function requireFree(trx: Knex.Transaction, name: string, own?: string): Promise<void> {
  const taken = await findProject(trx, name);
  if (!taken || taken.id === own) return;
  const message = `There is a project ${taken.name} already.`;
  throw new Failure('conflict', message, [{ path: 'name', message }]);
}

// Names are compared here, since SQLite's lower() knows no letters beyond ASCII.
export async function findProject(db: Knex, name: string): Promise<ProjectRow | undefined> {
  const rows = await db('projects').whereNull('deleted_at');
  return rows.find((row) => sameName(row.name, name));
}

interface Seen {
  id: string;
  revision: number;
}

async function rowAsSeen(trx: Knex.Transaction, { id, revision }: Seen): Promise<ProjectRow> {
  const row = await trx('projects').where({ id }).whereNull('deleted_at').first();
  if (!row) throw missing('project');
  if (row.revision !== revision)
    throw new Failure('stale', 'This project was changed elsewhere meanwhile; look at it again.');
  return row;
}

/** Rules that name it by its old name get new versions with the new one. */
export async function saveProject(
  store: Store,
  guarded: Guarded,
  seen: Seen,
  project: Project,
  clock: Clock,
): Promise<void> {
  await store.write(async (trx) => {
    const row = await rowAsSeen(trx, seen);
    await requireFree(trx, project.name, seen.id);
    requireOwnNames(project, view(row));
    await guarded(trx, async () => {
      await trx('projects')
        .where({ id: seen.id })
        .update({ ...columns(project), revision: row.revision + 1 });
      await renameInRules(trx, { what: 'project', from: row.name, to: project.name }, clock);
    });
    await record(trx, [
      { kind: 'project', ref: seen.id },
      { kind: 'task', ref: '' },
    ]);
  });
}

/** Refused where rules at work need it. */
export async function deleteProject(store: Store, guarded: Guarded, seen: Seen, clock: Clock): Promise<void> {
  await store.write(async (trx) => {
    await rowAsSeen(trx, seen);
    const deleted_at = clock().toISOString();
    await guarded(trx, async () => {
      await trx('projects').where({ id: seen.id }).update({ deleted_at });
    });
    await trx('addresses')
      .where({ project_id: seen.id })
      .whereNull('retired_at')
      .update({ retired_at: deleted_at });
    await record(trx, [
      { kind: 'project', ref: seen.id },
      { kind: 'address', ref: seen.id },
      { kind: 'rule', ref: '' },
      { kind: 'task', ref: '' },
    ]);
  });
}

/** What may be chosen in a project's own field gets one more; other fields and projects without it stay. */
export async function addChoice(trx: Knex.Transaction, field: string, choice: string): Promise<void> {
  for (const row of await trx('projects').whereNull('deleted_at')) {
    const { fields } = view(row);
    const of = fields.find(({ name, choices }) => sameName(name, field) && choices.length > 0);
    if (!of || of.choices.some((known) => sameName(known, choice))) continue;
    of.choices.push(choice);
    await trx('projects')
      .where({ id: row.id })
      .update({ fields: JSON.stringify(fields), revision: row.revision + 1 });
    await record(trx, [{ kind: 'project', ref: row.id }]);
  }
}
