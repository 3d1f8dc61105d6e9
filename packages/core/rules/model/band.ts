import { z } from 'zod';

/** A rule's own colour and pattern. */
export const Band = z.object({
  hue: z.enum(['tide', 'ink', 'heather', 'moss', 'rust', 'slate']),
  pattern: z.enum(['plain', 'dashed', 'dotted', 'double']),
});
export type Band = z.infer<typeof Band>;
