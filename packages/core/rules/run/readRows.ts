import { dayIn } from '../../dates/index.ts';
import {
  checkKind,
  isList,
  sameName,
  shortTitle,
  wordsOfValue,
  type Checked,
  type KindSetting,
  type Value,
} from '../../tasks/index.ts';
import type { FieldTrace, Made, Missed, TriedReading } from '../model/outcome.ts';
import { fieldName } from '../model/fieldName.ts';
import type { ReadRow } from '../model/rule.ts';
import type { CompiledRow } from '../model/rows.ts';
import type { Clause } from '../message/clause.ts';
import { HoldForPerson } from '../kinds/stops.ts';
import { applyTidy, type TidyStep } from '../kinds/tidy.ts';
import type { Found, ReadInput, Unit } from '../message/unit.ts';
import type { View } from '../message/view.ts';

/** A value with the reading that took it. */
export interface Won extends Found {
  field: string;
  readingId: string;
  readingKind: string;
  /** What its day was counted from, where a day was counted. */
  countedFrom: string | null;
}

export interface RowsRead {
  values: Map<string, Won>;
  trace: FieldTrace[];
  makes: Made[];
  /** Shorthand that was not understood, in words. */
  remarks: string[];
}

/** All rows of a rule on one unit of a message. Throws HoldForPerson where a value is unknown and its row says hold. */
export function readRows(
  rows: readonly CompiledRow[],
  view: View,
  unit: Unit,
  shorthand: readonly Clause[],
): RowsRead {
  const values = new Map<string, Won>();
  const makes: Made[] = [];
  const trace: FieldTrace[] = [];
  const remarks: string[] = [];
  for (const compiled of rows) {
    const tried = tryReadings(compiled, { view, unit, read: values, shorthand }, { makes, remarks });
    trace.push({ field: compiled.row.field, tried });
    for (const attempt of tried) addValue(values, compiled, attempt);
  }
  return { values, trace, makes, remarks };
}

function addValue(
  values: Map<string, Won>,
  { row, key }: CompiledRow,
  { reading, value, spans }: TriedReading,
): void {
  if (value === null) return;
  const known = values.get(key);
  values.set(key, {
    field: row.field,
    value: known && isList(row.field) ? [...listOf(known.value), ...listOf(value)] : value,
    spans: [...(known?.spans ?? []), ...spans],
    readingId: reading.id,
    readingKind: reading.kind,
    countedFrom: reading.kind === 'day' ? reading.from : null,
  });
}

const listOf = (value: Value): string[] => (Array.isArray(value) ? value : [wordsOfValue(value)]);

/** What comes of reading a row besides its value. */
type Beside = Pick<RowsRead, 'makes' | 'remarks'>;

/** Tries until one finds a value; the later ones are not tried. */
function tryReadings(compiled: CompiledRow, input: ReadInput, beside: Beside): TriedReading[] {
  const { row, readings } = compiled;
  const tried: TriedReading[] = [];
  for (const { reading, find } of readings) {
    const { found, absent } = find(input);
    const { misfits, ...attempt } = choose(
      compiled,
      { steps: reading.tidy, found, absent },
      input.view,
      beside.makes,
    );
    if (reading.kind === 'shorthand') beside.remarks.push(...misfits.map((missed) => sayMisfit(row, missed)));
    tried.push({ reading, ...attempt });
    if (attempt.value !== null) return tried;
  }
  if (row.otherwise === null) return tried;
  const fixed = { steps: [], found: [{ value: row.otherwise, spans: [] }], absent: 'a value' };
  const { misfits: _, ...attempt } = choose(compiled, fixed, input.view, beside.makes);
  const reading = { kind: 'fixed' as const, id: 'otherwise', tidy: [], value: row.otherwise };
  return [...tried, { reading, ...attempt }];
}

type Attempt = Pick<TriedReading, 'value' | 'missed' | 'spans'>;
type Misfit = Exclude<Missed, { why: 'absent' }>;

const sayMisfit = ({ field }: ReadRow, { why, saw, kind }: Misfit) =>
  why === 'unknown'
    ? `“${saw}” was not understood: there is no such ${fieldName(field)}.`
    : `“${saw}” was not understood as the ${fieldName(field)}: it is not a ${kind}.`;

/** The first that is of the field's kind; of a field that holds several all that are. */
function choose(
  compiled: CompiledRow,
  { steps, found, absent }: { steps: readonly TidyStep[]; found: readonly Found[]; absent: string },
  view: View,
  makes: Made[],
): Attempt & { misfits: Misfit[] } {
  const setting = settingOf(compiled, view);
  const misfits: Misfit[] = [];
  const taken: Found[] = [];
  for (const each of found) {
    const words = applyTidy(wordsOfValue(each.value), steps);
    if (compiled.row.nothing.some((sign) => sameName(sign, words))) continue;
    const checked = check(compiled, words, setting, makes);
    if ('value' in checked) taken.push({ value: checked.value, spans: each.spans });
    else misfits.push(checked.missed);
    if (taken.length > 0 && !isList(compiled.row.field) && compiled.kind !== 'several choices') break;
  }
  const [first] = taken;
  if (!first)
    return { value: null, missed: misfits[0] ?? { why: 'absent', what: absent }, spans: [], misfits };
  const value =
    taken.length === 1 ? first.value : [...new Set(taken.flatMap(({ value: one }) => listOf(one)))];
  return { value, missed: null, spans: taken.flatMap(({ spans }) => spans), misfits };
}

function settingOf({ decimal, choices }: CompiledRow, view: View): KindSetting {
  const { reference } = view;
  const { zone, dateOrder, calendar, people, projects } = view.context;
  return {
    day: (words) => dayIn(words, { reference, zone, dateOrder, ...calendar }, view.language()),
    decimal,
    people,
    projects: projects.map(({ name }) => name),
    choices,
  };
}

function check(
  { row, kind }: CompiledRow,
  words: string,
  setting: KindSetting,
  makes: Made[],
): { value: Value } | { missed: Misfit } {
  const checked: Checked = checkKind(kind, words, setting);
  if (checked === null) return { missed: { why: 'notOfKind', saw: words, kind } };
  if ('value' in checked) return { value: row.field === 'title' ? shortTitle(words) : checked.value };
  if (row.unknown === 'hold')
    throw new HoldForPerson(`There is no ${nounOf(kind)} “${checked.unknown}” for ${row.field}.`);
  if (row.unknown === 'otherwise') return { missed: { why: 'unknown', saw: checked.unknown, kind } };
  makes.push(madeOf(kind, row.field, checked.unknown));
  return { value: kind === 'several choices' ? [checked.unknown] : checked.unknown };
}

const nounOf = (kind: string) => (kind === 'project' || kind === 'person' ? kind : 'choice');

function madeOf(kind: string, field: string, name: string): Made {
  if (kind === 'project') return { what: 'project', name, description: '' };
  return kind === 'person' ? { what: 'person', name } : { what: 'choice', field, name };
}
