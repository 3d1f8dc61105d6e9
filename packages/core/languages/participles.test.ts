import { expect, test } from 'vitest';
import { languageOf, participleBase, withoutZu, type LanguageCode } from './index.ts';

test.each<[LanguageCode, string, string | null]>([
  ['en', 'signed', 'sign'],
  ['en', 'carried', 'carry'],
  ['en', 'pinned', 'pin'],
  ['en', 'garden', null],
  ['de', 'verlängert', 'verlängern'],
  ['de', 'geliefert', 'liefern'],
  ['de', 'abgeholt', 'abholen'],
  ['de', 'aufgeschlossen', 'aufschließen'],
  ['de', 'zurückzuschneiden', 'zurückschneiden'],
  ['de', 'beglichen', 'begleichen'],
  ['fr', 'réglée', 'régler'],
  ['es', 'revisadas', 'revisar'],
  ['pt', 'devolvida', 'devolver'],
  ['it', 'spedito', 'spedire'],
  ['nl', 'doorgegeven', 'doorgeven'],
  ['nl', 'geüpload', 'uploaden'],
  ['nl', 'opgehaald', 'ophalen'],
  ['sv', 'uppladdad', 'ladda upp'],
  ['sv', 'undertecknat', 'underteckna'],
  ['sv', 'skickas', 'skicka'],
])('%s: what is %s', (code, word, base) => {
  expect(participleBase(word, languageOf(code))).toBe(base);
});

test.each([
  ['einzureichen', 'einreichen'],
  ['zuzusenden', 'zusenden'],
  ['zurückzugeben', 'zurückgeben'],
  ['benutzen', 'benutzen'],
  ['schicken', 'schicken'],
])('%s without its “zu”', (word, plain) => {
  expect(withoutZu(word, languageOf('de'))).toBe(plain);
});
