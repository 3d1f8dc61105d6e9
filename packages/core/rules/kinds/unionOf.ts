import { z } from 'zod';

type Kinds<D extends string> = Record<string, { schema: z.ZodObject<Record<D, z.ZodLiteral<string>>> }>;

/** The union of the schemas of a table of kinds, told apart by one of their parts. */
export function unionOf<K extends Kinds<D>, D extends string = 'kind'>(kinds: K, by: D = 'kind' as D) {
  const [first, ...rest] = Object.values(kinds).map(({ schema }) => schema as K[keyof K]['schema']);
  if (first === undefined) throw new Error('A table of kinds is empty.');
  return z.discriminatedUnion(by, [first, ...rest]);
}
