import { z } from 'zod';
import {
  areDistinct,
  BUILT_IN_FIELDS,
  DecimalMark,
  builtInName,
  FieldKind,
  isBuiltIn,
  isList,
  Value,
} from '../../tasks/index.ts';
import { Band } from './band.ts';
import { Effect } from '../kinds/effects.ts';
import { Makes } from '../kinds/makes.ts';
import { RuleReading } from '../kinds/readings/index.ts';
import { Route } from './route.ts';
import { Start } from '../kinds/starts.ts';
import { Group } from './when.ts';

/** What forms and tables hold where there is no value. */
export const NO_VALUE = ['-', '–', '—', 'n/a'];

/** One field's row: the readings in their order, the first that finds a value of the field's kind wins, then the otherwise. */
export const ReadRow = z
  .strictObject({
    field: z.string().trim().min(1, 'Choose a field.').max(80).transform(builtInName),
    /** Of a field that is not built in; without one, as the projects that have the field say, else text. */
    kind: FieldKind.nullable().default(null),
    /** What may be chosen; empty: as the projects that have the field say. */
    choices: z.array(z.string().trim().min(1)).default([]),
    /** The decimal mark of its numbers and amounts; null: as the user's settings say. */
    decimal: DecimalMark.nullable().default(null),
    /** Words that stand for no value. */
    nothing: z.array(z.string().trim().min(1)).default([...NO_VALUE]),
    from: z.array(RuleReading).default([]),
    otherwise: Value.nullable().default(null),
    /** What becomes of a value that names no known project, person or choice. */
    unknown: z.enum(['hold', 'make', 'otherwise']).default('otherwise'),
  })
  .superRefine(({ field, kind, from, otherwise }, context) => {
    const own = isBuiltIn(field) ? BUILT_IN_FIELDS[field].kind : null;
    if (own !== null && kind !== null && kind !== own)
      context.addIssue({ code: 'custom', path: ['kind'], message: `${field} is always of the kind ${own}.` });
    if (from.length === 0 && otherwise === null)
      context.addIssue({ code: 'custom', path: ['from'], message: `Say where ${field} is read from.` });
  });
export type ReadRow = z.infer<typeof ReadRow>;

const MOST_ROWS = 200;

/** What a rule says, as it is written. */
export const RuleFields = z.strictObject({
  name: z.string().trim().min(1, 'A rule needs a name.').max(80, 'A name has at most 80 characters.'),
  description: z.string().max(2000).default(''),
  band: Band.default({ hue: 'slate', pattern: 'plain' }),
  start: Start.default({ kind: 'arrival' }),
  when: Group.default({ all: [] }),
  read: z
    .array(ReadRow)
    .max(MOST_ROWS, `A rule reads at most ${MOST_ROWS} fields.`)
    .default([])
    .refine(
      (rows) => areDistinct(rows.map(({ field }) => field).filter((field) => !isList(field))),
      'Each field has one row (but tags and reminders, whose rows add up).',
    ),
  makes: Makes.default({ kind: 'task' }),
  route: Route.prefault([{}]),
  then: z.enum(['stop', 'go on']).default('stop'),
  /** What becomes of mail whose original came another way before: its task is offered to be added to the first, or made. */
  again: z.enum(['offer', 'make']).default('offer'),
  effects: z.array(Effect).max(MOST_ROWS).default([]),
});
export const RuleDefinition = RuleFields.transform(withIds);
export type RuleDefinition = z.infer<typeof RuleDefinition>;
/** A rule as it may be written: what has a default may be left out. */
export type RuleInput = z.input<typeof RuleDefinition>;

interface WithRows {
  read: ReadRow[];
}

/** Readings without an id get one that no other in the rule has: `due-1`, `due-2`. */
export function withIds<D extends WithRows>(definition: D): D {
  const taken = new Set(definition.read.flatMap(({ from }) => from.map(({ id }) => id)));
  const fresh = (field: string) => {
    let n = 1;
    while (taken.has(`${field}-${n}`)) n += 1;
    taken.add(`${field}-${n}`);
    return `${field}-${n}`;
  };
  return {
    ...definition,
    read: definition.read.map((row) => ({
      ...row,
      from: row.from.map((reading) => (reading.id === '' ? { ...reading, id: fresh(row.field) } : reading)),
    })),
  };
}

/** The rule without the ids that it would be given anyway, as it is written for people. */
export function withoutIds(definition: RuleDefinition): RuleDefinition {
  const bare = {
    ...definition,
    read: definition.read.map((row) => ({
      ...row,
      from: row.from.map((reading) => ({ ...reading, id: '' })),
    })),
  };
  return JSON.stringify(withIds(bare)) === JSON.stringify(definition) ? bare : definition;
}

/** A rule as it works: version 0 is an unsaved or draft one. */
export const RuleVersion = z.object({
  ruleId: z.string(),
  version: z.number().int(),
  definition: RuleDefinition,
});
export type RuleVersion = z.infer<typeof RuleVersion>;
