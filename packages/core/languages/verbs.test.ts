import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { actionBase, alternatives, baseForm, fold, languageOf, pattern, startsOrder } from './index.ts';
import type { LanguageCode } from './index.ts';

test.each<[LanguageCode, string, string]>([
  ['es', 'envíenos', 'enviar'],
  ['es', 'devuelvan', 'devolver'],
  ['es', 'apruebes', 'aprobar'],
  ['pt', 'verifique', 'verificar'],
  ['pt', 'traga', 'trazer'],
  ['it', 'comunicateci', 'comunicare'],
  ['it', 'verifichi', 'verificare'],
  ['fr', 'vérifiez', 'vérifier'],
  ['fr', 'prenez', 'prendre'],
  ['nl', 'stuur', 'sturen'],
  ['nl', 'geef', 'geven'],
  ['de', 'bringst', 'bringen'],
  ['de', 'gib', 'geben'],
  ['en', 'rewriting', 'rewrite'],
  ['en', 'planning', 'plan'],
])('%s: %s is a form of %s', (code, form, base) => {
  expect(baseForm(form, languageOf(code))).toBe(base);
});

test.each<[LanguageCode, string, string | null]>([
  ['en', 'confirmation', 'confirm'],
  ['en', 'submission', 'submit'],
  ['de', 'Begleichung', 'begleichen'],
  ['fr', 'confirmation', 'confirmer'],
  ['es', 'presentación', 'presentar'],
  ['it', 'pagamento', 'pagare'],
  ['sv', 'bekräftelse', 'bekräfta'],
  ['en', 'lotion', null],
  ['de', 'Zeitung', null],
])('%s: %s asks to %s', (code, noun, base) => {
  expect(actionBase(noun, languageOf(code))).toBe(base);
});

describe('what may be a noun asks only in front of a determiner', () => {
  test.each<[LanguageCode, string, boolean]>([
    ['fr', 'visite prevue mardi', false],
    ['fr', 'commande les cadres', true],
    ['es', 'firma del contrato', false],
    ['es', 'firma el contrato', true],
    ['de', 'fahrt nach norden', false],
    ['fr', 'dessoudez les fils', true],
  ])('%s: %s', (code, words, asks) => {
    expect(startsOrder(fold(words), languageOf(code))).toBe(asks);
  });
});

test('a class finds its longest alternative, whatever else begins like it', () => {
  const word = fc.stringMatching(/^[a-d]{1,4}$/);
  fc.assert(
    fc.property(fc.uniqueArray(word, { minLength: 1, maxLength: 8 }), word, (words, text) => {
      const longest = words.filter((w) => text.startsWith(w)).toSorted((a, b) => b.length - a.length)[0];
      expect(pattern(`^${alternatives(words.join('|'))}`).exec(text)?.[0]).toBe(longest);
    }),
  );
});
