import { z } from 'zod';
import { RowId } from './common.ts';
import { endpoint } from './endpoint.ts';

/** A file of messages that was dropped on the Ledger. */
export const Import = z.object({
  id: z.number(),
  name: z.string(),
  state: z.enum(['running', 'done', 'cancelled', 'failed']),
  /** In bytes, of which `read` were looked through. */
  size: z.number(),
  read: z.number(),
  problem: z.string().nullable(),
  counts: z.object({ new: z.number(), known: z.number(), refused: z.number() }),
});
export type Import = z.infer<typeof Import>;

/** The latest first. */
export const listImports = endpoint({
  method: 'get',
  path: '/api/imports',
  answer: z.object({ items: z.array(Import) }),
});

/** Ends an import that is running; what it has brought in stays. */
export const cancelImport = endpoint({
  method: 'delete',
  path: '/api/imports/:id',
  params: RowId,
  answer: z.object({ items: z.array(Import) }),
});

export const ImportItem = z.object({
  n: z.number(),
  /** The file, of an mbox with the message's number. */
  name: z.string(),
  result: z.enum(['new', 'known', 'refused']),
  words: z.string().nullable(),
  arrivalId: z.number().nullable(),
});
export type ImportItem = z.infer<typeof ImportItem>;

/** What became of each message, in their order. */
export const listImportItems = endpoint({
  method: 'get',
  path: '/api/imports/:id/items',
  params: RowId,
  query: z.object({
    after: z.coerce.number().int().min(0).default(0),
    limit: z.coerce.number().int().min(1).max(500).default(200),
  }),
  answer: z.object({ items: z.array(ImportItem) }),
});

/** Takes the file itself as the request's body; answers the import, which goes on by itself. */
export const importPath = '/api/imports';
export const ImportQuery = z.object({
  name: z.string().min(1).max(300),
  /** Where its mail arrives; the inbox, where none is named. */
  address: z.coerce.number().int().positive().optional(),
});
