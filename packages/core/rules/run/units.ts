import { labelKey } from '../../tasks/index.ts';
import type { Makes } from '../kinds/makes.ts';
import { compilePattern, type CompiledPattern } from '../message/pattern.ts';
import { sayScope, type ScopeText } from '../message/scope.ts';
import { tableRows } from '../message/tableRows.ts';
import { unitText, type Unit } from '../message/unit.ts';
import type { View } from '../message/view.ts';

/** What a message is made of, and in words why it is one whole, where the rule would have it in parts. */
export interface Units {
  units: Unit[];
  remark: string | null;
}

/** What a message is made of, by what the rule makes; the whole message where it has no parts of that kind. */
export function compileUnits(makes: Makes): (view: View) => Units {
  const partsOf = compileParts(makes);
  return (view) => {
    const units = partsOf(view);
    if (units.length > 0) return { units, remark: null };
    return { units: [{ kind: 'message' }], remark: remarkOn(makes, view) };
  };
}

/** Why no rows were found. */
function remarkOn(makes: Makes, view: View): string | null {
  if (makes.kind !== 'rows') return null;
  const where = makes.in.map(sayScope).join(' and ');
  const rows = tableRows(view, makes.in);
  if (rows.length === 0) return `It makes one task: there is no table in ${where}.`;
  const columns = [...new Set(rows.flatMap(({ cells }) => cells.map(({ column }) => column)))];
  const missing = makes.columns.filter(
    (name) => !columns.some((column) => labelKey(column) === labelKey(name)),
  );
  return `It makes one task: the tables in ${where} have the columns ${columns.join(', ')}, but ${missing.length > 0 ? `no ${missing.join(', ')}` : 'none of them has all that are asked for'}.`;
}

function compileParts(makes: Makes): (view: View) => Unit[] {
  switch (makes.kind) {
    case 'items':
      return itemsOf;
    case 'project':
      return makes.tasks === 'items' ? itemsOf : () => [];
    case 'rows':
      return (view) => rowsWith(makes, view);
    case 'matches': {
      const compiled = compilePattern(makes.pattern);
      return (view) => makes.in.flatMap((scope) => matchesIn(view.text(scope), compiled));
    }
    default:
      return () => [];
  }
}

const itemsOf = (view: View): Unit[] =>
  view.incoming.reading.facts.items.map((item) => ({ kind: 'item', item }));

function rowsWith({ columns, in: scopes }: Extract<Makes, { kind: 'rows' }>, view: View): Unit[] {
  return tableRows(view, scopes).filter(({ cells }) =>
    columns.every((name) => cells.some(({ column }) => labelKey(column) === labelKey(name))),
  );
}

function matchesIn(text: ScopeText, pattern: CompiledPattern): Unit[] {
  const found = (start: number, end: number) => ({
    value: text.value.slice(start, end),
    spans: text.spans(start, end),
  });
  return pattern.matches(text.value).map(({ start, end, groups }): Unit => ({
    kind: 'match',
    spans: text.spans(start, end),
    groups: new Map([
      ['0', found(start, end)],
      ...[...groups].map(([name, place]) => [name, found(place.start, place.end)] as const),
    ]),
  }));
}

/** The keys of the units, made of their own words and, of equal ones, their number; never of their place. */
export function itemKeys(units: readonly Unit[]): string[] {
  const seen = new Map<string, number>();
  return units.map((unit) => {
    if (unit.kind === 'message') return 'message';
    const words = hash(unitText(unit).value.toLowerCase().replace(/\s+/g, ' ').trim());
    const n = (seen.get(words) ?? 0) + 1;
    seen.set(words, n);
    return n === 1 ? words : `${words}-${n}`;
  });
}

/** FNV-1a, 64 bits, in hexadecimal. */
function hash(words: string): string {
  let state = 0xcbf29ce484222325n;
  for (const unit of words)
    state = BigInt.asUintN(64, (state ^ BigInt(unit.codePointAt(0) ?? 0)) * 0x100000001b3n);
  return state.toString(16).padStart(16, '0');
}
