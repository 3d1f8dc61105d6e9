import { describe, expect, test } from 'vitest';
import { findDates, spokenIn } from '../dates/index.ts';
import type { LanguageCode } from '../languages/index.ts';
import { findRequest } from './index.ts';

const options = { reference: '2026-03-10T10:00', zone: 'Europe/Berlin', dateOrder: 'DMY' } as const;

function titleOf(text: string, language: LanguageCode, own = false): string | null {
  const sentences = spokenIn(text, language);
  return findRequest(sentences, findDates(sentences, options), 'Loan 44', own)?.title ?? null;
}

describe('what is asked for, verb first', () => {
  test.each<[LanguageCode, string, string]>([
    ['en', 'I was wondering if you could check the contract by Friday?', 'Check the contract'],
    ['en', 'Hi Ines, bring the keys on Saturday please, the painter needs them.', 'Bring the keys'],
    ['en', 'The form needs to be signed by Monday.', 'Sign the form'],
    ['en', 'The keys need to be returned.', 'Return the keys'],
    ['en', 'We still need the signed copy.', 'Send the signed copy'],
    ['en', 'Please sign it.', 'Sign Loan 44'],
    ['en', 'Action required: complete the training by 30 March', 'Complete the training'],
    ['en', 'Please find attached the plan. Would you mind returning it?', 'Return the plan'],
    ['de', 'Könnten Sie uns bitte die Liste bis Freitag schicken?', 'Schicken die Liste'],
    ['de', 'Wir bitten Sie, die Stellungnahme bis Montag einzureichen.', 'Einreichen die Stellungnahme'],
    ['de', 'Bitte prüfen und freigeben.', 'Prüfen und freigeben'],
    ['de', 'Schicken Sie uns ein Angebot bis Freitag.', 'Schicken ein Angebot'],
    ['de', 'Die Anzahlung überweisen Sie bitte bis 11. Mai.', 'Überweisen die Anzahlung'],
    ['de', 'Reichen Sie die Kopie bitte binnen zehn Tagen ein.', 'Einreichen die Kopie'],
    ['de', 'Wir bitten um Begleichung der Rechnung.', 'Begleichen der Rechnung'],
    ['en', 'If you want to go ahead, accept the quote in writing.', 'Accept the quote in writing'],
    ['en', 'You have until 7 April to submit the statements.', 'Submit the statements'],
    ['en', 'I need your confirmation of the slot.', 'Confirm the slot'],
    ['fr', 'Une liste est sur la porte : inscrivez-vous pour un stand.', 'Inscrire pour un stand'],
    ['fr', 'Tu m’envoies les cotes avant jeudi ?', 'Envoyer les cotes'],
    ['es', 'Indíquenos el número de invitados, por favor.', 'Indicar el número de invitados'],
    ['es', 'El impreso debe sernos devuelto antes del viernes.', 'Devolver el impreso'],
    [
      'it',
      'Ci chiami entro il 26 marzo per fissare un appuntamento.',
      'Chiamare per fissare un appuntamento',
    ],
    ['nl', 'Haal de jassen uiterlijk maandag op.', 'Ophalen de jassen'],
    ['sv', 'Den bifogade blanketten ska betalas senast den 11 maj.', 'Betala den bifogade blanketten'],
    ['fr', 'Merci de bien vouloir confirmer votre présence.', 'Confirmer votre présence'],
    ['fr', 'Le formulaire doit être complété avant le 20 mars.', 'Compléter le formulaire'],
    ['es', '¿Nos puede enviar el contrato firmado?', 'Enviar el contrato firmado'],
    ['pt', 'Pode enviar-nos o contrato assinado?', 'Enviar o contrato assinado'],
    ['nl', 'Wij verzoeken u de verklaring voor maandag in te dienen.', 'Indienen de verklaring'],
    ['it', 'La preghiamo di restituire il modulo entro lunedì.', 'Restituire il modulo'],
    ['sv', 'Kan du skicka det undertecknade avtalet?', 'Skicka det undertecknade avtalet'],
  ])('%s: %s', (language, text, title) => {
    expect(titleOf(text, language)).toBe(title);
  });

  test.each<[LanguageCode, string]>([
    ['en', 'Please do not hesitate to contact me.'],
    ['en', 'You do not need to do anything.'],
    ['en', 'The oven maintenance takes place on Thursday.'],
    ['en', 'Sent all the labels yesterday.'],
    ['en', 'I would like to order a photograph of the gauge.'],
    ['it', 'Non occorre fare nulla.'],
    ['sv', 'Hör gärna av dig.'],
    ['de', 'Sie müssen nichts weiter tun.'],
    ['fr', 'N’hésitez pas à nous contacter.'],
    ['es', 'No tiene que hacer nada.'],
    ['it', 'Non esiti a contattarci.'],
  ])('nothing in %s: %s', (language, text) => {
    expect(titleOf(text, language)).toBeNull();
  });

  test('the plainest request is taken, not the first', () => {
    expect(titleOf('If you have questions, please call me. Please return the form by Friday.', 'en')).toBe(
      'Return the form',
    );
  });

  test.each<[LanguageCode, string, string]>([
    ['en', 'Please sign the form. Please return the key. Please send the list.', 'Sign the form'],
    [
      'de',
      'Bitte unterschreiben Sie das Formular. Bitte schicken Sie die Liste.',
      'Unterschreiben das Formular',
    ],
  ])('of requests that are equally plain the first, in %s', (language, text, title) => {
    expect(titleOf(text, language)).toBe(title);
  });

  test('in the user’s own words the verb may come last', () => {
    expect(titleOf('Orla bis Mittwoch zurückrufen', 'de', true)).toBe('Zurückrufen Orla');
    expect(titleOf('Orla bis Mittwoch zurückrufen', 'de')).toBeNull();
  });
});
