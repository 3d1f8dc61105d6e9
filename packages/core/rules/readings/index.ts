import { z } from 'zod';
import type { ReadField } from '../../tasks/index.ts';
import type { Incoming } from '../incoming.ts';
import { cleanedSubject } from './cleanedSubject.ts';
import { deadlinePhrase } from './deadlinePhrase.ts';
import { fixedValue } from './fixedValue.ts';
import type { Find, ReadingWork } from './kind.ts';
import { labelledLine } from './labelledLine.ts';
import { requestTitle } from './requestTitle.ts';
import { statedPriority } from './statedPriority.ts';

// A new kind of reading is a file beside this one and its name in the two lists here.
const kinds = { requestTitle, cleanedSubject, deadlinePhrase, statedPriority, labelledLine, fixedValue };
export const RuleReading = z.discriminatedUnion('kind', [
  requestTitle.schema,
  cleanedSubject.schema,
  deadlinePhrase.schema,
  statedPriority.schema,
  labelledLine.schema,
  fixedValue.schema,
]);
export type RuleReading = z.infer<typeof RuleReading>;

/** The “otherwise” of a field. */
export const FixedValue = fixedValue.schema;

export type ReadingKind = keyof typeof kinds;
type ReadingOf<K extends ReadingKind> = { [P in K]: { kind: P } & z.infer<(typeof kinds)[P]['schema']> }[K];

export const READING_KINDS: { [K in ReadingKind]: ReadingWork<ReadingOf<K>> } = kinds;

export function findValue<K extends ReadingKind>(
  reading: ReadingOf<K>,
  incoming: Incoming,
  field: ReadField,
): Find {
  return READING_KINDS[reading.kind].find(reading, incoming, field);
}

export function sayReading<K extends ReadingKind>(reading: ReadingOf<K>): string {
  return READING_KINDS[reading.kind].say(reading);
}
