import ICAL from 'ical.js';
import { Person } from '../tasks/index.ts';

/** People as vCards (RFC 6350): FN, EMAIL, ORG, and the groups as CATEGORIES. */
export function writeVcards(people: readonly Person[]): string {
  return people
    .map(({ name, addresses, organisation, groups }) => {
      const card = new ICAL.Component(['vcard', [], []]);
      card.addPropertyWithValue('version', '4.0');
      card.addPropertyWithValue('fn', name);
      for (const address of addresses) card.addPropertyWithValue('email', address);
      if (organisation !== null) card.addPropertyWithValue('org', organisation);
      // One line each: a list of them would read a backslash at the end of one as part of the next.
      for (const group of groups) card.addPropertyWithValue('categories', group);
      return `${card.toString()}\r\n`;
    })
    .join('');
}

/** The people of a file of vCards, of version 3 or 4, and in words what could not be read. */
export function parseVcards(text: string): { people: Person[]; problems: string[] } {
  const people: Person[] = [];
  const problems: string[] = [];
  for (const card of text.match(/^BEGIN:VCARD[\s\S]*?^END:VCARD/gim) ?? []) {
    try {
      people.push(personOf(new ICAL.Component(ICAL.parse(card) as unknown[])));
    } catch {
      problems.push(
        `A card could not be read: ${/^FN.*:(.*)$/im.exec(card)?.[1]?.trim() ?? 'it has no name'}.`,
      );
    }
  }
  if (people.length === 0 && problems.length === 0) problems.push('There is no vCard in this file.');
  return { people, problems };
}

function personOf(card: ICAL.Component): Person {
  const all = (name: string) =>
    card
      .getAllProperties(name)
      .flatMap((property) => property.getValues() as unknown[])
      .flat()
      .map((value) => String(value).trim())
      .filter(Boolean);
  return Person.parse({
    name: all('fn')[0] ?? all('n').join(' '),
    addresses: [...new Set(all('email').map((address) => address.replace(/^mailto:/i, '').toLowerCase()))],
    organisation: all('org')[0] ?? null,
    groups: [...new Set(all('categories'))],
  });
}
