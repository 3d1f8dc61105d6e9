import { describe, expect, test } from 'vitest';
import type { LanguageCode } from '../languages/index.ts';
import { findDates, findLift, spokenIn } from './index.ts';

/** A Tuesday. */
const options = { reference: '2026-03-10T10:00', zone: 'Europe/Berlin', dateOrder: 'DMY' } as const;

/** The deadline that stands: what moves one wins, else the earliest. */
function deadlineIn(text: string, language: LanguageCode): string | null {
  const deadlines = findDates(spokenIn(text, language), options).filter((d) => d.verdict === 'deadline');
  const moved = deadlines.findLast((d) => d.moved);
  return (moved ?? deadlines.toSorted((a, b) => a.date.localeCompare(b.date))[0])?.date ?? null;
}

describe('deadlines in eight languages', () => {
  test.each<[LanguageCode, string, string | null]>([
    ['en', 'The bids close between 3 and 7 June; please submit yours in that window.', '2026-06-07'],
    ['en', 'Please let us have it by mid-April.', '2026-04-15'],
    ['en', 'You have a fortnight to answer, so please reply within a fortnight.', '2026-03-24'],
    ['en', 'I need this back by the 12th.', '2026-03-12'],
    ['en', 'Kindly revert before 5 May.', '2026-05-05'],
    ['en', 'Tickets expire on 1 April 2026.', '2026-04-01'],
    ['en', 'Please pay by 3/4/2026.', '2026-04-03'],
    ['en', 'We would need the figures on Monday morning at the latest.', '2026-03-16'],
    ['en', 'Deadline: Friday, 20 March 2026, 23:59 CET', '2026-03-20T23:59'],
    ['en', "Please have the slides ready for Thursday's board meeting.", '2026-03-12'],
    ['en', 'Version 2.3.4 of 12.03.2026 fixes this. Call 0123 456 789 for help.', null],
    ['en', 'Our office is open Monday to Friday from 9am to 5pm.', null],
    ['en', 'I was away last Friday and came back on Monday.', null],
    ['en', 'Make that Tuesday instead of Friday.', '2026-03-17'],
    ['en', 'Not Friday, Monday will do: please send it by Monday.', '2026-03-16'],
    ['en', 'As discussed on 3 March, we will deliver by 20 March.', null],
    ['en', 'Please could you come back to me today?', '2026-03-10'],
    ['en', 'Let me know tonight whether it works.', '2026-03-10'],
    ['en', 'Please return it in 3 weeks.', '2026-03-31'],
    ['en', 'Can you get this done by COB tomorrow?', '2026-03-11'],
    ['en', 'The grant application has to be in by 5pm GMT on 30 March.', '2026-03-30T19:00'],
    ['en', 'The quarterly report should be filed by the end of the quarter.', '2026-03-31'],
    ['en', 'Please send your availability for the week of 23 March by Friday.', '2026-03-13'],
    ['en', 'Payment is due upon receipt.', null],
    ['en', 'Payment terms: 14 days net. Invoice date: 9 March 2026. Due date: 23 March 2026.', '2026-03-23'],
    ['en', 'Registration closes at midnight on 15 April.', '2026-04-15'],
    ['en', 'We are meeting next Tuesday; bring your notes.', '2026-03-17'],
    ['en', 'Please submit by 2026-03-19T12:00Z.', '2026-03-19T13:00'],
    ['en', 'Nominations must be received on or before March 31st.', '2026-03-31'],
    ['en', 'Please RSVP before the 1st of April.', '2026-04-01'],
    ['en', 'Send it over whenever.', null],
    ['de', 'Bitte bis Ende der KW 13 liefern.', '2026-03-27'],
    ['de', 'Abgabeschluss ist Freitag, der 20. März, 24 Uhr.', '2026-03-20'],
    ['de', 'Könnten Sie mir das bis übermorgen Mittag schicken?', '2026-03-12T12:00'],
    ['de', 'Wir brauchen das Dokument für die Sitzung am Donnerstag.', '2026-03-12'],
    ['de', 'Ich bin bis 20. März im Urlaub.', null],
    ['de', 'Die Frist verlängert sich vom 13. auf den 20. März.', '2026-03-20'],
    ['de', 'Zahlbar bis 24.03.2026 ohne Abzug.', '2026-03-24'],
    ['de', 'Bitte um Rückmeldung bis heute Abend.', '2026-03-10'],
    ['de', 'Bitte Mitte April einreichen.', '2026-04-15'],
    ['de', 'Wir treffen uns am 12. März um 14 Uhr.', null],
    ['de', 'Könntet ihr mir bis Dienstagabend die Fotos schicken?', '2026-03-17'],
    ['de', 'bis kommenden Montag, 10:30 Uhr bitte', '2026-03-16T10:30'],
    ['fr', 'À rendre pour le 20 mars dernier délai.', '2026-03-20'],
    ['fr', "Merci de me répondre d'ici ce soir.", '2026-03-10'],
    ['fr', 'Il nous faut le dossier avant la réunion de jeudi.', '2026-03-12'],
    ['fr', 'La date limite est fixée au 27 mars 2026 à 17 h.', '2026-03-27T17:00'],
    ['fr', 'Je serai absent du 16 au 20 mars.', null],
    ['fr', 'Veuillez nous faire parvenir votre réponse dans les 8 jours.', '2026-03-18'],
    ['fr', "Le délai est prolongé jusqu'au 3 avril.", '2026-04-03'],
    ['fr', 'Votre commande du 2 mars sera livrée le 18 mars.', null],
    ['es', 'El plazo finaliza el 27 de marzo a las 14:00 horas.', '2026-03-27T14:00'],
    ['es', 'Necesitamos su respuesta esta semana.', '2026-03-13'],
    ['es', 'Hay que entregarlo en dos semanas.', '2026-03-24'],
    ['es', 'La reunión es el jueves a las 10:00.', null],
    ['es', 'Envíenos la factura a principios de abril.', '2026-04-01'],
    ['es', 'Por favor, confírmeme antes de pasado mañana.', '2026-03-12'],
    ['pt', 'Precisamos da resposta até ao dia 20 deste mês.', '2026-03-20'],
    ['pt', 'Envie, por favor, até segunda.', '2026-03-16'],
    ['pt', 'O prazo de candidatura encerra a 31 de março, às 17h00.', '2026-03-31T17:00'],
    ['pt', 'A reunião será na próxima terça-feira às 10h.', null],
    ['pt', 'Por favor responda em 48 horas.', '2026-03-12'],
    ['nl', 'De inschrijving sluit op 27 maart om 17.00 uur.', '2026-03-27T17:00'],
    ['nl', 'Graag ontvangen we uw reactie binnen twee weken.', '2026-03-24'],
    ['nl', 'Kun je dit vandaag nog regelen?', '2026-03-10'],
    ['nl', 'We hebben het nodig voor de vergadering van donderdag.', '2026-03-12'],
    ['nl', 'Ik ben tot 20 maart afwezig.', null],
    ['it', 'Il termine ultimo per la consegna è il 27 marzo, ore 12.', '2026-03-27T12:00'],
    ['it', 'Mi serve per la riunione di giovedì.', '2026-03-12'],
    ['it', 'Vi preghiamo di rispondere entro e non oltre il 20/03/2026.', '2026-03-20'],
    ['it', 'La consegna è prevista per il 18 marzo.', null],
    ['it', 'Mandami il file entro stasera.', '2026-03-10'],
    ['sv', 'Sista ansökningsdag är den 27 mars.', '2026-03-27'],
    ['sv', 'Jag behöver det till mötet på torsdag.', '2026-03-12'],
    ['sv', 'Svara gärna inom en vecka.', '2026-03-17'],
    ['sv', 'Kan du skicka den i slutet av nästa vecka?', '2026-03-20'],
    ['sv', 'Vi ses på torsdag kl. 10.', null],
  ])('%s: %s', (language, text, due) => {
    expect(deadlineIn(text, language)).toBe(due);
  });

  test.each<[LanguageCode, string]>([
    ['en', 'The form is no longer needed.'],
    ['de', 'Das Formular hat sich erledigt.'],
    ['fr', 'Le formulaire n’est plus nécessaire.'],
    ['es', 'El formulario ya no es necesario.'],
    ['pt', 'O formulário já não é necessário.'],
    ['nl', 'Het formulier is niet meer nodig.'],
    ['it', 'Il modulo non è più necessario.'],
    ['sv', 'Blanketten behövs inte längre.'],
  ])('%s lifts: %s', (language, text) => {
    expect(findLift(spokenIn(text, language))).toBe(text.length);
    expect(findLift(spokenIn('ok', language))).toBeNull();
  });

  test.each<[LanguageCode, string]>([
    ['en', 'The meeting on 12 March has been moved to 19 March.'],
    ['de', 'Der Termin am 12. März wird auf den 19. März verschoben.'],
    ['fr', 'La réunion du 12 mars est reportée au 19 mars.'],
    ['es', 'La cita del 12 de marzo se aplaza al 19 de marzo.'],
    ['pt', 'A reunião de 12 de março foi adiada para 19 de março.'],
    ['nl', 'De afspraak van 12 maart is verplaatst naar 19 maart.'],
    ['it', 'La riunione del 12 marzo è spostata al 19 marzo.'],
    ['sv', 'Mötet den 12 mars flyttas till den 19 mars.'],
  ])('an event that moves is no deadline in %s', (language, text) => {
    expect(deadlineIn(text, language)).toBeNull();
  });

  test('a day may be counted from another', () => {
    expect(deadlineIn('Please send the slides two days before 24 March.', 'en')).toBe('2026-03-22');
  });

  test('closed days are no working days', () => {
    const text = spokenIn('Please answer within three working days.', 'en');
    expect(findDates(text, options)[0]?.date).toBe('2026-03-13');
    expect(findDates(text, { ...options, closed: ['2026-03-12'] })[0]?.date).toBe('2026-03-16');
  });

  test('a stated zone is converted to the user’s', () => {
    expect(deadlineIn('Please call by 9am New York time on 12 March.', 'en')).toBe('2026-03-12T14:00');
    expect(deadlineIn('Please answer by 12 March 2026, 17:00 UTC+2.', 'en')).toBe('2026-03-12T16:00');
    expect(deadlineIn('Please answer by 12 March, 5pm ET.', 'en')).toBe('2026-03-12T22:00');
  });
});
