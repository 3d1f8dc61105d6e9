import { nameKey, sameName, wordsOfValue, type Value } from '../../tasks/index.ts';
import type { CompiledRule } from './compile.ts';
import type { Context } from '../message/context.ts';
import type { Made, TaskTrace } from '../model/outcome.ts';
import type { Ref, RouteLine } from '../model/route.ts';
import { HoldForPerson } from '../kinds/stops.ts';
import type { View } from '../message/view.ts';

/** Where a task goes. */
export interface Routed {
  project: string | null;
  section: string | null;
  assignee: string | null;
  place: 'top' | 'bottom';
  tags: readonly string[];
  template: string | null;
  makes: Made[];
  trace: TaskTrace['route'];
}

type Values = ReadonlyMap<string, Value>;

/**
 * The first line whose condition holds and whose project, where it is read, is there. Throws HoldForPerson where it
 * is not and the line says so.
 */
export function routeTask(rule: CompiledRule, view: View, values: Values): Routed {
  const trace: TaskTrace['route'] = [];
  for (const [i, line] of rule.version.definition.route.entries()) {
    const asked = rule.lines[i]?.(view, values) ?? null;
    const where = asked === null || asked.holds ? projectOf(line, view, values) : null;
    trace.push({ line: i, asked, taken: where !== null });
    if (where) return { ...routed(line, values), ...where, trace };
  }
  return { ...NOWHERE, trace };
}

const NOWHERE = {
  project: null,
  section: null,
  assignee: null,
  place: 'bottom' as const,
  tags: [],
  template: null,
  makes: [],
};

function routed({ section, assignee, place, tags, template }: RouteLine, values: Values) {
  return { section: named(section, values), assignee: named(assignee, values), place, tags, template };
}

const named = (ref: Ref | null, values: Values): string | null => {
  if (ref === null || typeof ref === 'string') return ref;
  const value = values.get(nameKey(ref.value));
  return value === undefined ? null : wordsOfValue(value);
};

/** The line's project; null where it is read and not there, so that the next line is asked. */
function projectOf(
  { project, unknown }: RouteLine,
  { incoming, context }: View,
  values: Values,
): Pick<Routed, 'project' | 'makes'> | null {
  if (project === null) return { project: null, makes: [] };
  if (typeof project === 'string') return { project: nameOf(context, project) ?? project, makes: [] };
  if ('of' in project) {
    const { target } = incoming.delivery;
    return { project: target.kind === 'project' ? target.name : null, makes: [] };
  }
  const words = named(project, values);
  if (words === null) return null;
  const known = nameOf(context, words);
  if (known !== undefined) return { project: known, makes: [] };
  if (unknown === 'hold') throw new HoldForPerson(`There is no project “${words}”.`);
  return unknown === 'make'
    ? { project: words, makes: [{ what: 'project', name: words, description: '' }] }
    : null;
}

const nameOf = ({ projects }: Context, words: string) =>
  projects.find(({ name }) => sameName(name, words))?.name;
