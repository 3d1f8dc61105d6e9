import {
  nameKey,
  BUILT_IN_FIELDS,
  isBuiltIn,
  Priority,
  type DecimalMark,
  type FieldKind,
} from '../../tasks/index.ts';
import type { Context } from '../message/context.ts';
import { compileReading, needsOfReading, type RuleReading } from '../kinds/readings/index.ts';
import type { Find } from '../kinds/readings/kind.ts';
import type { ReadRow } from './rule.ts';

/** A row ready to be read: its kind and its choices are settled. */
export interface CompiledRow {
  row: ReadRow;
  key: string;
  kind: FieldKind;
  choices: readonly string[] | null;
  /** Null: as each number looks. */
  decimal: DecimalMark | null;
  readings: readonly { reading: RuleReading; find: Find }[];
}

export function compileRow(row: ReadRow, context: Context): CompiledRow {
  const { kind, choices, decimal } = kindOfField(row, context);
  return {
    row,
    key: nameKey(row.field),
    kind,
    choices,
    decimal: row.decimal ?? decimal ?? context.decimal,
    readings: row.from.map((reading) => ({ reading, find: compileReading(reading, context) })),
  };
}

/** What a field holds: built in, as its row says, else as the projects say that have a field of that name. */
export function kindOfField(
  { field, kind, choices }: Pick<ReadRow, 'field' | 'kind' | 'choices'>,
  { projects }: Context,
): { kind: FieldKind; choices: readonly string[] | null; decimal: DecimalMark | null } {
  if (isBuiltIn(field)) {
    const known = field === 'priority' ? Priority.options : choices;
    return { kind: BUILT_IN_FIELDS[field].kind, choices: known.length > 0 ? known : null, decimal: null };
  }
  const same = projects.flatMap(({ fields }) =>
    fields.filter(({ name }) => nameKey(name) === nameKey(field)),
  );
  const offered = choices.length > 0 ? choices : [...new Set(same.flatMap((each) => each.choices))];
  return {
    kind: kind ?? same[0]?.kind ?? 'text',
    choices: offered.length > 0 ? offered : null,
    decimal: same.find(({ decimal }) => decimal !== null)?.decimal ?? null,
  };
}

/** The rows so that each stands behind those it is made of; the fields of a circle, where there is one. */
export function orderRows(rows: readonly ReadRow[]): { ordered: ReadRow[]; circle: string[] } {
  const ordered: ReadRow[] = [];
  let left = [...rows];
  while (left.length > 0) {
    const waiting = new Set(left.map(({ field }) => nameKey(field)));
    const ready = left.filter((row) => needsOfRow(row).every((name) => !waiting.has(name)));
    if (ready.length === 0) return { ordered, circle: left.map(({ field }) => field) };
    ordered.push(...ready);
    left = left.filter((row) => !ready.includes(row));
  }
  return { ordered, circle: [] };
}

/** A deadline that is counted from the deadline is counted from the one that the words state. */
const needsOfRow = ({ field, from }: ReadRow) =>
  from
    .flatMap((reading) => needsOfReading(reading).map(nameKey))
    .filter((name) => name !== 'deadline' || nameKey(field) !== 'deadline');
