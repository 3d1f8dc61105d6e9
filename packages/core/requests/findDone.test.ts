import { expect, test } from 'vitest';
import { findDone, findLifted } from './index.ts';

test.each([
  'The form is signed and it is done.',
  'Das ist erledigt.',
  'C’est fait.',
  'Ya está hecho.',
  'Já está feito.',
  'Het is klaar.',
  'È fatto tutto, grazie mille.',
  'Det är klart.',
])('“%s” says that it is done', (text) => {
  expect(findDone(text)).not.toBeNull();
});

test.each([
  'Is it done?',
  'It is not done yet.',
  'It has to be done by Friday.',
  'Please tell me when it is done.',
  'Das ist noch nicht erledigt.',
  'Bitte bis Freitag erledigt melden.',
  'Ce n’est pas fait.',
  'Non è fatto.',
  'The abandoned boat lies in the harbour.',
])('“%s” does not', (text) => {
  expect(findDone(text)).toBeNull();
});

test('the sentence that says so is told by its place', () => {
  const text = 'Dear Ines,\n\nthe crates came. All is done.\nOrla';
  const found = findDone(text);
  expect(found && text.slice(found.start, found.end)).toBe('All is done.');
});

test.each([
  'The picture is no longer needed.',
  'Das hat sich erübrigt, es ist nicht mehr nötig.',
  'The order has been withdrawn.',
])('“%s” takes back what was asked', (text) => {
  const found = findLifted(`Dear Ines, thank you.\n${text}\nOrla`);
  expect(found && `Dear Ines, thank you.\n${text}\nOrla`.slice(found.start, found.end)).toContain(
    text.slice(0, -1),
  );
});

test.each([
  'Is it still needed?',
  'If you have paid already, please disregard this.',
  'The form is needed by Friday.',
])('“%s” takes nothing back', (text) => {
  expect(findLifted(text)).toBeNull();
});
