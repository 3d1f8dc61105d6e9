import { z } from 'zod';
import { RowId } from './common.ts';
import { endpoint } from './endpoint.ts';

export const Address = z.object({
  id: z.number(),
  address: z.string(),
  target: z.discriminatedUnion('kind', [
    z.object({ kind: z.literal('inbox'), name: z.string() }),
    z.object({ kind: z.literal('project'), id: z.string(), name: z.string() }),
  ]),
  createdAt: z.string(),
});
export type Address = z.infer<typeof Address>;

export const Health = z.object({
  queueDepth: z.number(),
  oldestAgeSeconds: z.number().nullable(),
  failed: z.number(),
  readerVersion: z.number(),
  lastArrivalAt: z.string().nullable(),
  smtpPort: z.number(),
  /** The server's clock and the user's zone. */
  now: z.string(),
  zone: z.string(),
});
export type Health = z.infer<typeof Health>;

export const getHealth = endpoint({ method: 'get', path: '/api/health', answer: Health });

export const listAddresses = endpoint({
  method: 'get',
  path: '/api/addresses',
  answer: z.object({ items: z.array(Address) }),
});

/** A new address for the same target, under a new id; the old one is refused from then on. */
export const renewAddress = endpoint({
  method: 'post',
  path: '/api/addresses/:id/renew',
  params: RowId,
  answer: Address,
});
