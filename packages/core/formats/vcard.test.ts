import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { parseVcards, writeVcards } from './index.ts';

const name = fc
  .string({ minLength: 1 })
  .map((s) => s.replace(/\s+/g, ' ').trim())
  .filter((s) => s !== '' && !/\p{Cc}/u.test(s));

describe('vCards', () => {
  test('people come back as they went out', () => {
    const person = fc.record({
      name: name.map((s) => s.slice(0, 120).trim()),
      addresses: fc.uniqueArray(
        fc.emailAddress().map((s) => s.toLowerCase()),
        { maxLength: 3 },
      ),
      // A semicolon parts an organisation from its units.
      organisation: fc.option(name.filter((s) => !/[;\\]/.test(s))),
      groups: fc.uniqueArray(name, { maxLength: 3 }),
    });
    fc.assert(
      fc.property(fc.array(person, { minLength: 1, maxLength: 4 }), (people) => {
        expect(parseVcards(writeVcards(people))).toEqual({ people, problems: [] });
      }),
    );
  });

  test('cards of other programs are read: version 3, types, folded lines', () => {
    const card = [
      'BEGIN:VCARD',
      'VERSION:3.0',
      'N:Finch;Orla;;;',
      'FN:Orla Finch',
      'ORG:Northcape Collections;Loans',
      'EMAIL;TYPE=INTERNET,WORK:Orla.Finch@North',
      ' cape.example',
      'item1.EMAIL:orla@quay.example',
      'CATEGORIES:Lenders,Couriers',
      'TEL:+44 1632 960001',
      'END:VCARD',
      '',
    ].join('\r\n');
    expect(parseVcards(card)).toEqual({
      people: [
        {
          name: 'Orla Finch',
          addresses: ['orla.finch@northcape.example', 'orla@quay.example'],
          organisation: 'Northcape Collections',
          groups: ['Lenders', 'Couriers'],
        },
      ],
      problems: [],
    });
  });

  test('what is no card is told, and the others are read', () => {
    expect(parseVcards('hello').problems).toEqual(['There is no vCard in this file.']);
    const broken = 'BEGIN:VCARD\r\nVERSION:4.0\r\nEND:VCARD\r\n';
    const { people, problems } = parseVcards(
      broken + writeVcards([{ name: 'Ada', addresses: [], organisation: null, groups: [] }]),
    );
    expect(people.map((person) => person.name)).toEqual(['Ada']);
    expect(problems).toEqual(['A card could not be read: it has no name.']);
  });
});
