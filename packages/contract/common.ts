import { z } from 'zod';

/** A row's number, in a path. */
export const RowId = z.object({ id: z.coerce.number().int().positive() });
/** A rule's or project's id, in a path. */
export const TextId = z.object({ id: z.string().min(1).max(100) });

export const Page = z.object({
  limit: z.coerce.number().int().min(1).max(200).default(50),
  /** `next` of the page before. */
  cursor: z.coerce.number().int().positive().optional(),
});

export const Named = z.object({ id: z.string(), name: z.string() });
export type Named = z.infer<typeof Named>;
