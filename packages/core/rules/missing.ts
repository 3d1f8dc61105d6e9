import { findPerson, sameName } from '../tasks/index.ts';
import type { Context } from './context.ts';

const WORDS = { project: 'project', person: 'person', table: 'lookup table', template: 'task template' };

/** What does not exist, as a sentence; nothing where it does. */
export function missing(context: Context, what: keyof typeof WORDS, name: string): string[] {
  const isNamed = (each: { name: string }) => sameName(each.name, name);
  const known = {
    project: () => context.projects.some(isNamed),
    person: () => findPerson(context.people, name) !== undefined,
    table: () => context.tables.some(isNamed),
    template: () => context.templates.some(isNamed),
  };
  return known[what]() ? [] : [`There is no ${WORDS[what]} “${name}”.`];
}
