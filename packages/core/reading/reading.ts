import { z } from 'zod';
import { Anatomy } from '../anatomy/index.ts';
import type { DateOrder } from '../dates/index.ts';
import { Message } from '../mail/index.ts';
import { Facts } from './facts.ts';

/** Raised whenever the same bytes may be read otherwise than before; stored readings of other versions stay. */
export const READER_VERSION = 6;

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
  /** ISO days on which nobody works, besides Saturday and Sunday. */
  closed?: readonly string[] | undefined;
}
