import { describe, expect, test } from 'vitest';
import { languageOf } from '../languages/index.ts';
import { isCertain } from './index.ts';

const request = (title: string, more = {}) => ({
  title,
  place: { start: 0, end: 1 },
  score: 3,
  strength: 3,
  dated: true,
  generic: false,
  ...more,
});

describe('what can stand as a title', () => {
  test.each([
    ['Return the signed loan form', 'en', true],
    ['They’re sent across', 'en', false],
    ['I’m still waiting for the crate', 'en', false],
    ['Do not force the lid', 'en', false],
    ['Open Mon 7.30 to 19.00, 8.00 to 12.00', 'en', false],
    ['Take it on: between two and three I am in court and cannot be reached', 'en', false],
    ['Das Formular zurücksenden', 'de', false],
    ['Rendre le formulaire', 'fr', true],
    ['Ne pas ouvrir la caisse', 'fr', false],
  ] as const)('beside its deadline: %s', (title, code, certain) => {
    expect(isCertain(request(title), languageOf(code), true)).toBe(certain);
  });

  test('without a deadline beside it only a short, plain order is certain', () => {
    const is = (title: string, more: object, anyDeadline = false) =>
      isCertain(request(title, { dated: false, ...more }), languageOf('en'), anyDeadline);
    expect(is('Change the filter cartridge', {})).toBe(true);
    expect(is('Change the filter cartridge', {}, true)).toBe(false);
    expect(is('Meet the new apprentice', { strength: 2.5 })).toBe(false);
    expect(is('Send me', {})).toBe(false);
    expect(is('Send the wording that we spoke of when we last met at the quay', {})).toBe(false);
  });
});
