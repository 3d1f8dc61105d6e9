import {
  LeafCondition,
  RuleReading,
  type Condition,
  type ConditionKind,
  type Context,
  type Group,
  type Incoming,
  type ReadingKind,
  type RuleDefinition,
  type Misfit,
} from '@hatband/core/rules';
import { BUILT_IN_FIELDS, groupOf, openGroup, sameName } from '@hatband/core/tasks';
import { DAY_SOURCES } from '@hatband/core/dates';
import { createContext, useContext } from 'react';
import type { Suggest } from '../../shared/forms/KindForm.tsx';
import { emptyIn } from '../../shared/forms/schemaForm.ts';

/** What every part of the sheet knows of the rule being written. */
export interface Editing {
  context: Context;
  /** The fields that the rule reads. */
  fields: readonly string[];
  problems: readonly Misfit[];
  /** The place that is open for writing, as its path; one at a time. */
  open: string | null;
  setOpen: (path: string | null) => void;
  definition: RuleDefinition;
  /** The newest message that the rule takes. */
  sample: Incoming | null;
  /** Who wrote the mail that came. */
  senders: readonly string[];
}

export const EditingContext = createContext<Editing | null>(null);

export function useEditing(): Editing {
  const editing = useContext(EditingContext);
  if (!editing) throw new Error('A part of the rule sheet stands outside of it.');
  return editing;
}

export const withMembers = (group: Group, of: Condition[]): Group => groupOf(openGroup(group).how, of);

/** A new condition; what has no default is empty, and told so until it is written. */
export const newCondition = (kind: ConditionKind) => emptyIn(LeafCondition, kind);

/** A new reading; a day counted starts from the deadline, and most other parts from nothing. */
export function newReading(kind: ReadingKind): RuleReading {
  const reading = emptyIn(RuleReading, kind);
  return reading.kind === 'day' ? { ...reading, from: 'deadline' } : reading;
}

/** What a kind is for, in one line: its documentation as far as its parts, without its marks for code. */
export const hintOf = (doc: string) =>
  `${(/^[^:;(]+/.exec(plain(doc))?.[0] ?? '').trim().replace(/[,.]$/, '')}.`;

/** Documentation without its marks for code. */
export const plain = (doc: string) => doc.replace(/[`*]/g, '');

/** Names that a part of a condition or reading may mean. */
export function suggestFor(
  kind: string,
  { context, fields, senders }: Pick<Editing, 'context' | 'fields' | 'senders'>,
): Suggest {
  const people = context.people.flatMap(({ name, groups }) => [name, ...groups]);
  const lists: Record<string, readonly string[]> = {
    'sender.is': [...new Set(['me', ...people, ...senders])],
    'recipient.is': ['me', ...new Set(people)],
    'address.is': ['Inbox', ...context.projects.map(({ name }) => name)],
    'lookup.table': context.tables.map(({ name }) => name),
    'lookup.of': fields,
    'value.field': fields,
    'value.is': context.projects.flatMap((project) => project.fields.flatMap(({ choices }) => choices)),
    'day.from': [
      ...DAY_SOURCES,
      ...fields.filter((field) => !DAY_SOURCES.some((source) => source === field)),
    ],
    'project.named': fields,
    'template.text': fields,
    'send.subject': fields,
    'send.text': fields,
  };
  return (part) => lists[`${kind}.${part}`] ?? [];
}

/** The fields that a row can be added for: built in, and those of projects. */
export function fieldNames({ projects }: Context): string[] {
  const own = projects.flatMap(({ fields }) => fields.map(({ name }) => name));
  const distinct = own.filter((name, i) => own.findIndex((other) => sameName(other, name)) === i);
  return [...Object.keys(BUILT_IN_FIELDS), ...distinct];
}

/** The problems at a place and below it; of a group only its own. */
export function problemsAt(problems: readonly Misfit[], path: string): Misfit[] {
  return problems.filter((each) => isAt(each.path.map(String).join('.'), path));
}

const isAt = (place: string, path: string) => place === path || place.startsWith(`${path}.`);
