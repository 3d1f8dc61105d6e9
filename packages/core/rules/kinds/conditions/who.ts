import { z } from 'zod';
import { findPerson, nameKey, sameName } from '../../../tasks/index.ts';
import type { Context } from '../../message/context.ts';
import { isInDomain } from '../../message/lookupTable.ts';
import type { Fault } from '../../message/missing.ts';
import { oneOf, type Terms } from './kind.ts';

/** Somebody: an address, a domain, `me`, or the name of a person or of a group of people. */
export const Who = z.string().trim().min(1, 'Name somebody.');

const isAddress = (who: string) => /^[^\s@]+@[^\s@]+$/.test(who);
const isDomain = (who: string) => /^@?[^\s@]+\.[^\s@.]+$/.test(who);

/** The addresses and domains that are meant, in lower case. */
interface Meant {
  addresses: ReadonlySet<string>;
  domains: readonly string[];
}

export function whoIsMeant(who: readonly string[], context: Pick<Context, 'me' | 'people'>): Meant {
  const addresses = new Set<string>();
  const domains: string[] = [];
  for (const each of who) {
    if (isAddress(each)) addresses.add(each.toLowerCase());
    else if (isDomain(each)) domains.push(each.toLowerCase().replace(/^@/, ''));
    else for (const address of addressesOf(each, context)) addresses.add(address);
  }
  return { addresses, domains };
}

function addressesOf(name: string, { me, people }: Pick<Context, 'me' | 'people'>): string[] {
  if (sameName(name, 'me')) return me.map((address) => address.toLowerCase());
  const person = findPerson(people, name);
  const group = people.filter(({ groups }) => groups.some((each) => sameName(each, name)));
  return [...(person ? [person] : []), ...group].flatMap(({ addresses }) => addresses);
}

export const isMeant = ({ addresses, domains }: Meant, address: string) =>
  addresses.has(address) || domains.some((domain) => isInDomain(address, domain));

/** The index terms of an address: itself, and each domain that it is in. */
export function whoTerms(role: string, address: string): string[] {
  const labels = (address.split('@')[1] ?? '').split('.');
  return [address, ...labels.map((_, i) => labels.slice(i).join('.'))].map((each) => `${role} ${each}`);
}

export const meantTerms = (role: string, { addresses, domains }: Meant): Terms =>
  oneOf([...addresses, ...domains].map((each) => `${role} ${each}`));

/** Names of nobody. */
export function strangers(who: readonly string[], { people }: Context): Fault[] {
  const known = new Set(['me', ...people.flatMap(({ name, groups }) => [name, ...groups]).map(nameKey)]);
  return who
    .filter((each) => !isAddress(each) && !isDomain(each) && !known.has(nameKey(each)))
    .map((each) => ({ message: `There is no person or group “${each}”.` }));
}
