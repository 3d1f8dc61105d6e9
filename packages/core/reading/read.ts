import { takeApart } from '../anatomy/index.ts';
import { decode } from '../mail/index.ts';
import { findFacts } from './findFacts.ts';
import { localTime } from './localTime.ts';
import type { Reading, ReadOptions } from './reading.ts';

/**
 * Bytes → Message, Anatomy and Facts.
 * @param arrivedAt the instant of arrival, ISO 8601 in UTC
 */
export async function read(bytes: Uint8Array, options: ReadOptions, arrivedAt: string): Promise<Reading> {
  const message = await decode(bytes);
  const anatomy = takeApart(message, options);
  const facts = findFacts(message, anatomy, options, localTime(arrivedAt, options.zone));
  const chosen = facts.deadline === null ? [] : (facts.dates[facts.deadline]?.warnings ?? []);
  return { message, anatomy, facts, warnings: [...message.warnings, ...chosen] };
}
