import { z } from 'zod';
import { Anatomy } from '../anatomy/index.ts';
import type { DateOrder } from '../dates/index.ts';
import type { LanguageCode } from '../languages/index.ts';
import { Message } from '../mail/index.ts';
import { Facts } from './facts.ts';

/** Raised whenever the same bytes may be read otherwise than before; stored readings of other versions stay. */
export const READER_VERSION = 8;

export const Reading = z.object({
  message: Message,
  anatomy: Anatomy,
  facts: Facts,
  warnings: z.array(z.string()),
});
export type Reading = z.infer<typeof Reading>;

export interface ReadOptions {
  me: readonly string[];
  /** IANA zone of the user. */
  zone: string;
  dateOrder: DateOrder;
  /** The languages that the user's mail is in, the first for words that are in none; without them all. */
  languages?: readonly LanguageCode[] | undefined;
  /** The days of the week that are worked on, from 1, Monday; without it Monday to Friday. */
  workdays?: readonly number[] | undefined;
  /** ISO days on which nobody works besides. */
  closed?: readonly string[] | undefined;
}
