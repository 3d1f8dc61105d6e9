import { findPerson, sameName } from '../../tasks/index.ts';
import type { Context } from './context.ts';

const WORDS = { project: 'project', person: 'person', table: 'lookup table', template: 'task template' };

/** What keeps a part of a rule from working, as a sentence. */
export interface Fault {
  message: string;
  /** What would have to be made for it to work. */
  lacks?: { what: 'project' | 'person'; name: string };
}

/** That something does not exist; nothing where it does. */
export function missing(context: Context, what: keyof typeof WORDS, name: string): Fault[] {
  const isNamed = (each: { name: string }) => sameName(each.name, name);
  const known = {
    project: () => context.projects.some(isNamed),
    person: () => findPerson(context.people, name) !== undefined,
    table: () => context.tables.some(isNamed),
    template: () => context.templates.some(isNamed),
  };
  if (known[what]()) return [];
  const message = `There is no ${WORDS[what]} “${name}”.`;
  return [what === 'project' || what === 'person' ? { message, lacks: { what, name } } : { message }];
}
