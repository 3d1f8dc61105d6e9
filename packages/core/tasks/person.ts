import { z } from 'zod';
import { sameName } from './name.ts';

/** Somebody who sends mail, is asked or asks; names are unique in any case. */
export const Person = z.object({
  name: z.string().trim().min(1, 'A person needs a name.').max(120),
  addresses: z.array(z.string().trim().toLowerCase()).default([]),
  organisation: z.string().trim().nullable().default(null),
  groups: z.array(z.string().trim().min(1)).default([]),
});
export type Person = z.infer<typeof Person>;

/** The person whom a name or an address means, or undefined. */
export function findPerson(people: readonly Person[], words: string): Person | undefined {
  const address = words.trim().toLowerCase();
  return people.find((person) => sameName(person.name, words) || person.addresses.includes(address));
}
