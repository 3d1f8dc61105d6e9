import { fold } from '@hatband/core/languages';
import { comparable, effortMinutes, isOneOf, isWithin, nameKey, Value, wordTest } from '@hatband/core/tasks';
import type Database from 'better-sqlite3';
import { z } from 'zod';

const Words = z.array(z.string());

/** What SQLite does not know: the comparisons of values as core makes them. */
export function addFunctions(db: Database.Database): void {
  const add = (name: string, work: (...args: (string | null)[]) => string | number | null) => {
    db.function(name, { deterministic: true, varargs: true }, (...args: unknown[]) =>
      work(...args.map((arg) => (typeof arg === 'string' ? arg : null))),
    );
  };
  const wanted = remembered((json) => new Set(Words.parse(JSON.parse(json)).map(comparable)));
  const names = remembered((json) => new Set(Words.parse(JSON.parse(json))));
  const words = remembered((json) => wordTest(Words.parse(JSON.parse(json))));
  add('folded', (text: string | null) => (text === null ? null : fold(text)));
  add('effort_minutes', (iso: string | null) => (iso === null ? null : effortMinutes(iso)));
  add('text_is', (text: string | null, of: string | null) =>
    Number(text ? isOneOf(text, wanted(of)) : false),
  );
  add('name_is', (text: string | null, of: string | null) => Number(names(of).has(nameKey(text ?? ''))));
  add('text_has', (text: string | null, of: string | null) => Number(text ? words(of)(text) : false));
  add('json_is', (json: string | null, of: string | null) => {
    const value = valueIn(json);
    return Number(value !== null && isOneOf(value, wanted(of)));
  });
  add('json_has', (json: string | null, of: string | null) => {
    const value = valueIn(json);
    return Number(value !== null && words(of)(value));
  });
  add('json_within', (json: string | null, from: string | null, to: string | null) => {
    const value = valueIn(json);
    const days = Array.isArray(value) ? value : typeof value === 'string' ? [value] : [];
    return Number(days.some((day) => isWithin(day, { from: from || null, to: to || null })));
  });
  add('sort_key', (json: string | null) => {
    const value = valueIn(json);
    if (value === null || typeof value === 'number') return value;
    if (typeof value === 'object' && 'amount' in value) return value.amount;
    return fold(Array.isArray(value) ? value.join(', ') : String(value));
  });
}

/** A filled value of its JSON. */
function valueIn(json: string | null): Value | null {
  if (json === null || json === 'null' || json === '""' || json === '[]') return null;
  const value: unknown = JSON.parse(json);
  return typeof value === 'string' ? value : Value.parse(value);
}

const MOST_REMEMBERED = 100;

/** Made once for the rows of a query, not for each of them. */
function remembered<T>(make: (json: string) => T): (json: string | null) => T {
  const known = new Map<string, T>();
  return (given) => {
    const json = given ?? '[]';
    const made = known.get(json) ?? make(json);
    if (known.size >= MOST_REMEMBERED) known.clear();
    known.set(json, made);
    return made;
  };
}
