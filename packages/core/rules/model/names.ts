import { nameKey } from '../../tasks/index.ts';
import { renameInReading } from '../kinds/readings/index.ts';
import type { NamedThing, Rename } from '../message/rename.ts';
import type { RuleDefinition } from './rule.ts';
import type { Ref, RouteLine } from './route.ts';
import type { LeafCondition } from '../kinds/conditions/index.ts';
import { leavesOf, renameInWhen } from './when.ts';

/** The rule with other names of projects, people, tables and templates in it. */
export function renameInRule(definition: RuleDefinition, rename: Rename): RuleDefinition {
  return {
    ...definition,
    when: renameInWhen(definition.when, rename),
    read: definition.read.map((row) => ({
      ...row,
      from: row.from.map((reading) => renameInReading(reading, rename)),
    })),
    route: definition.route.map((line) => renameInLine(line, rename)),
  };
}

function renameInLine(line: RouteLine, rename: Rename): RouteLine {
  const { project, assignee, template, tags } = line;
  return {
    ...line,
    if: line.if && renameInWhen(line.if, rename),
    project: typeof project === 'string' ? rename('project', project) : project,
    assignee: renameRef(assignee, rename),
    template: template === null ? null : rename('template', template),
    tags: tags.map((tag) => rename('tag', tag)),
  };
}

const renameRef = (ref: Ref | null, rename: Rename) => (typeof ref === 'string' ? rename('who', ref) : ref);

/** What a rule names, each once. */
export function namesIn(definition: RuleDefinition): { what: NamedThing; name: string }[] {
  const found = new Map<string, { what: NamedThing; name: string }>();
  renameInRule(definition, (what, name) => {
    found.set(`${what} ${nameKey(name)}`, { what, name });
    return name;
  });
  return [...found.values()];
}

/** All conditions of a rule, of its When and of its route. */
export const leavesIn = ({ when, route }: RuleDefinition): LeafCondition[] =>
  [when, ...route.flatMap((line) => line.if ?? [])].flatMap((group) =>
    leavesOf(group).map(({ condition }) => condition),
  );
