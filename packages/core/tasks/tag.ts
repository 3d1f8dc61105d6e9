import { z } from 'zod';

export const TagColour = z.enum(['reed', 'sky', 'plum', 'clay', 'sand', 'stone']);

/** A tag with its colour; tasks carry it by its name. */
export const Tag = z.object({
  name: z.string().trim().min(1, 'A tag needs a name.').max(40, 'A tag has at most 40 characters.'),
  colour: TagColour.default('stone'),
});
export type Tag = z.infer<typeof Tag>;
