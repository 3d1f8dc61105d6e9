import type { Knex } from 'knex';
import * as first from './001-first.ts';
import * as rules from './002-rules.ts';
import * as waysIn from './003-ways-in.ts';
import * as originals from './004-originals.ts';
import * as remarks from './005-remarks.ts';
import * as tasks from './006-tasks.ts';
import * as settling from './007-settling.ts';

export interface Migration {
  name: string;
  up: (db: Knex) => Promise<void>;
}

/** In their order; one that was released is never changed. Each needs a fixture in test/schemas. */
export const MIGRATIONS: readonly Migration[] = [
  { name: '001-first', ...first },
  { name: '002-rules', ...rules },
  { name: '003-ways-in', ...waysIn },
  { name: '004-originals', ...originals },
  { name: '005-remarks', ...remarks },
  { name: '006-tasks', ...tasks },
  { name: '007-settling', ...settling },
];
