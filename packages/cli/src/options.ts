import type { ReadOptions } from '@hatband/core/reading';

/** The flags of every command that reads mail. */
export const READ_FLAGS = {
  me: { type: 'string', multiple: true },
  zone: { type: 'string' },
  'date-order': { type: 'string' },
} as const;

interface Given {
  me?: string[] | undefined;
  zone?: string | undefined;
  'date-order'?: string | undefined;
}

/** How mail is to be read; throws, in words, where a flag means nothing. */
export function readOptions({ me = [], zone, 'date-order': order = 'DMY' }: Given): ReadOptions {
  if (order !== 'DMY' && order !== 'MDY') throw new Error('The date order is DMY or MDY.');
  const known = new Intl.DateTimeFormat('en', { timeZone: zone }).resolvedOptions().timeZone;
  return { me, zone: known, dateOrder: order };
}
