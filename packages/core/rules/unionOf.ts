import { z } from 'zod';

type Kinds = Record<string, { schema: z.ZodObject<{ kind: z.ZodLiteral<string> }> }>;

/** The union of the schemas of a table of kinds, told apart by their `kind`. */
export function unionOf<K extends Kinds>(kinds: K) {
  const [first, ...rest] = Object.values(kinds).map(({ schema }) => schema as K[keyof K]['schema']);
  if (first === undefined) throw new Error('A table of kinds is empty.');
  return z.discriminatedUnion('kind', [first, ...rest]);
}
