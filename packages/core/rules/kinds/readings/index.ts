import type { z } from 'zod';
import type { Context } from '../../message/context.ts';
import type { Fault } from '../../message/missing.ts';
import type { Rename } from '../../message/rename.ts';
import { unionOf } from '../unionOf.ts';
import * as kinds from './kinds.ts';
import type { Find, ReadingWork } from './kind.ts';

export const RuleReading = unionOf(kinds);
export type RuleReading = z.infer<typeof RuleReading>;

export type ReadingKind = keyof typeof kinds;
type ReadingOf<K extends ReadingKind> = { [P in K]: { kind: P } & z.infer<(typeof kinds)[P]['schema']> }[K];

export const READING_KINDS: { [K in ReadingKind]: ReadingWork<ReadingOf<K>> & { schema: z.ZodObject } } =
  kinds;

export const compileReading = <K extends ReadingKind>(reading: ReadingOf<K>, context: Context): Find =>
  READING_KINDS[reading.kind].compile(reading, context);

export const sayReading = <K extends ReadingKind>(reading: ReadingOf<K>): string =>
  READING_KINDS[reading.kind].say(reading);

export const needsOfReading = <K extends ReadingKind>(reading: ReadingOf<K>): string[] =>
  READING_KINDS[reading.kind].needs?.(reading) ?? [];

export const problemsOfReading = <K extends ReadingKind>(reading: ReadingOf<K>, context: Context): Fault[] =>
  READING_KINDS[reading.kind].problems?.(reading, context) ?? [];

/** The reading with other names in it. */
export const renameInReading = <K extends ReadingKind>(reading: ReadingOf<K>, rename: Rename): RuleReading =>
  READING_KINDS[reading.kind].rename?.(reading, rename) ?? reading;
