import { z } from 'zod';
import { nameKey } from '../../tasks/index.ts';
import { checkRule } from '../model/check.ts';
import { Context, Named } from '../message/context.ts';
import { isTooDeep } from './isTooDeep.ts';
import { issuesOf } from './issues.ts';
import { namesIn } from '../model/names.ts';
import { withNamesOfToday } from './renamedSteps.ts';
import { RuleFields, withIds, withoutIds, type RuleDefinition } from '../model/rule.ts';
import { shorten } from './shorten.ts';

export const RuleState = z.enum(['draft', 'live', 'paused']);
export type RuleState = z.infer<typeof RuleState>;

/** A rule with its state. */
export interface FileRule {
  state: RuleState;
  rule: RuleDefinition;
}

const { name, ...otherFields } = RuleFields.shape;
const WrittenRule = z.strictObject({ name, state: RuleState.default('live'), ...otherFields });

/** Rules as they are exported and imported, with all that they name. The format's only version is 1. */
const WrittenFile = z.strictObject({ version: z.literal(1), rules: z.array(WrittenRule), ...Named.shape });
export const RuleFile = WrittenFile.transform(({ rules, ...rest }) => ({
  ...rest,
  rules: rules.map(({ state, ...rule }): FileRule => ({ state, rule: withIds(rule) })),
}));
export type RuleFile = z.infer<typeof RuleFile>;

/** What is wrong with a file, at its place, `rules[0].when.all[1].is`. */
export interface FileError {
  path: string;
  message: string;
}

export type ParsedFile = { file: RuleFile; errors: null } | { file: null; errors: FileError[] };

/** The rules of a file's JSON, or what is wrong with it; never throws. */
export function parseRuleFile(json: string): ParsedFile {
  const failed = (errors: FileError[]): ParsedFile => ({ file: null, errors });
  let value: unknown;
  try {
    value = JSON.parse(json);
  } catch (error) {
    return failed([{ path: '', message: `This is no JSON: ${error instanceof Error ? error.message : ''}` }]);
  }
  if (isTooDeep(value)) return failed([{ path: '', message: 'It is nested too deep.' }]);
  const version = z.object({ version: z.unknown() }).safeParse(value).data?.version;
  if (version !== undefined && version !== 1)
    return failed([
      {
        path: 'version',
        message: `This file is of version ${JSON.stringify(version)}; this Hatband reads version 1.`,
      },
    ]);
  const parsed = RuleFile.safeParse(withNamesOfToday(value));
  if (!parsed.success)
    return failed(issuesOf(parsed.error).map(({ path, message }) => ({ path: writePath(path), message })));
  const errors = problemsIn(parsed.data);
  return errors.length > 0 ? failed(errors) : { file: parsed.data, errors: null };
}

const writePath = (path: readonly PropertyKey[]) =>
  path
    .map((key) => (typeof key === 'number' ? `[${key}]` : `.${String(key)}`))
    .join('')
    .replace(/^\./, '');

/** Two rules of one name, and rules that cannot work with what travels with them. */
function problemsIn(file: RuleFile): FileError[] {
  const context = Context.parse({ ...file });
  const names = new Set<string>();
  const isTaken = (key: string) => names.size === names.add(key).size;
  return file.rules.flatMap(({ rule }, i) => [
    ...(isTaken(nameKey(rule.name))
      ? [{ path: `rules[${i}].name`, message: `There are two rules “${rule.name}”.` }]
      : []),
    ...checkRule(rule, context).map(({ path, message }) => ({
      path: writePath(['rules', i, ...path]),
      message,
    })),
  ]);
}

/** The file of some rules, with what they name and with what has a field that they read; short, in a stable order. */
export function writeRuleFile(rules: readonly FileRule[], named: Named): string {
  const wanted = new Map(
    rules.flatMap(({ rule }) => namesIn(rule)).map(({ what, name }) => [`${what} ${nameKey(name)}`, name]),
  );
  const has = (what: string, name: string) => wanted.has(`${what} ${nameKey(name)}`);
  const fields = new Set(rules.flatMap(({ rule }) => rule.read.map(({ field }) => nameKey(field))));
  const readsProjects = rules.some(
    ({ rule }) => rule.read.some(({ field }) => field === 'project') || rule.route.some(isReadRoute),
  );
  const file: z.infer<typeof WrittenFile> = {
    version: 1,
    rules: rules.map(({ state, rule }) => ({ state, ...withoutIds(rule) })),
    projects: named.projects.filter(
      (project) =>
        readsProjects ||
        has('project', project.name) ||
        project.fields.some(({ name }) => fields.has(nameKey(name))),
    ),
    people: named.people.filter(({ name, groups, addresses }) =>
      [name, ...groups, ...addresses].some((each) => has('who', each)),
    ),
    tables: named.tables.filter(({ name }) => has('table', name)),
    templates: named.templates.filter(({ name }) => has('template', name)),
    mailboxes: named.mailboxes.filter((name) => has('mailbox', name)),
  };
  return `${JSON.stringify(shorten(WrittenFile, file), null, 2)}\n`;
}

const isReadRoute = ({ project }: RuleDefinition['route'][number]) =>
  project !== null && typeof project === 'object' && 'value' in project;

/** The format of rule files as JSON Schema (2020-12). */
export const ruleFileSchema = () => z.toJSONSchema(WrittenFile, { io: 'input', reused: 'ref' });
