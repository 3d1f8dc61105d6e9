import type { RegisterKind, Uses } from '@hatband/contract';
import { namesIn, RuleDefinition, type NamedThing } from '@hatband/core/rules';
import { Person, sameName } from '@hatband/core/tasks';
import type { Knex } from 'knex';
import { missing } from '../errors.ts';
import { parseJson } from '../store/index.ts';
import { withLive } from '../ruleVersions/withLive.ts';

/** What hangs on something that has a name: shown before it is deleted. */
export async function usesOf(
  db: Knex,
  kind: RegisterKind | 'projects' | 'mailboxes',
  id: string,
): Promise<Uses> {
  const { what, names, tasks } = await thingOf(db, kind, id);
  return { rules: await rulesNaming(db, what, names), openTasks: await countOf(tasks) };
}

interface Thing {
  what: NamedThing;
  names: string[];
  /** The open tasks that hold it. */
  tasks: Knex.QueryBuilder | null;
}

async function thingOf(db: Knex, kind: RegisterKind | 'projects' | 'mailboxes', id: string): Promise<Thing> {
  const open = () => db('tasks').whereNull('completed_at').whereNull('deleted_at');
  if (kind === 'projects') {
    const row = await db('projects').where({ id }).whereNull('deleted_at').first('name');
    if (!row) throw missing('project');
    return { what: 'project', names: [row.name], tasks: open().where({ project_id: id }) };
  }
  if (kind === 'mailboxes') {
    const row = await db('mailboxes')
      .where({ id: Number(id) })
      .whereNull('removed_at')
      .first('name');
    if (!row) throw missing('mailbox');
    return { what: 'mailbox', names: [row.name], tasks: null };
  }
  const row = await db('named').where({ kind, id }).first('name', 'body');
  if (!row) throw missing('entry');
  const { name } = row;
  if (kind === 'people') {
    const { addresses, groups } = parseJson(Person, row.body);
    return { what: 'who', names: [name, ...addresses, ...groups], tasks: open().where({ assignee: name }) };
  }
  if (kind === 'tags')
    return {
      what: 'tag',
      names: [name],
      tasks: open().whereRaw('EXISTS (SELECT 1 FROM json_each(tags) WHERE value = ?)', [name]),
    };
  return { what: kind === 'tables' ? 'table' : 'template', names: [name], tasks: null };
}

async function countOf(tasks: Knex.QueryBuilder | null): Promise<number> {
  if (tasks === null) return 0;
  const rows: { n: number }[] = await tasks.count({ n: '*' });
  return rows[0]?.n ?? 0;
}

async function rulesNaming(db: Knex, what: NamedThing, names: readonly string[]): Promise<Uses['rules']> {
  const rows: {
    id: string;
    state: Uses['rules'][number]['state'];
    draft: string | null;
    live: string | null;
  }[] = await withLive(db)
    .whereNull('deleted_at')
    .orderBy('position')
    .select('rules.id', 'state', 'draft', { live: 'rule_versions.definition' });
  return rows.flatMap(({ id, state, draft, live }) => {
    const definitions = [live, draft].flatMap((json) =>
      json === null ? [] : [parseJson(RuleDefinition, json)],
    );
    const isNaming = definitions.some((definition) =>
      namesIn(definition).some(
        (each) => each.what === what && names.some((name) => sameName(name, each.name)),
      ),
    );
    return isNaming ? [{ id, name: definitions[0]?.name ?? '', state }] : [];
  });
}
