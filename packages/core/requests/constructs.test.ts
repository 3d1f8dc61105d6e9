import { expect, test } from 'vitest';
import { findDates, spokenIn } from '../dates/index.ts';
import type { LanguageCode } from '../languages/index.ts';
import { findRequest } from './index.ts';

const options = { reference: '2026-03-10T10:00', zone: 'Europe/Berlin', dateOrder: 'DMY' } as const;

test.each<[LanguageCode, string, string, string]>([
  ['en', 'It must be signed by 20 March.', 'Sign Loan 44', '2026-03-20'],
  ['en', 'The list has to reach us by 20 March.', 'Send the list', '2026-03-20'],
  ['en', 'You have 14 days to return the form.', 'Return the form', '2026-03-24'],
  ['en', 'The deadline for returning the form is 20 March.', 'Return the form', '2026-03-20'],
  ['en', 'Unless the list is produced by 20 March, we close the file.', 'Produce the list', '2026-03-20'],
  ['en', 'The insurers want the form by 20 March.', 'Send the form', '2026-03-20'],
  ['en', 'The contract needs your signature by 20 March.', 'Sign the contract', '2026-03-20'],
  ['en', 'The fair is on 28 March. Drop the tent off the day before.', 'Drop the tent off', '2026-03-27'],
  ['en', 'Enter or send the figures by 20 March.', 'Enter or send the figures', '2026-03-20'],
  ['en', 'May I ask you to check the list by Friday?', 'Check the list', '2026-03-13'],
  ['en', 'We remind you that the fee must be paid by 20 March.', 'Pay the fee', '2026-03-20'],
  ['en', 'We still need the figures. Please send them by Friday.', 'Send the figures', '2026-03-13'],
  ['de', 'Wer Kuchen backt, gibt ihn bitte bis Freitag ab.', 'Abgeben Loan 44', '2026-03-13'],
  ['de', 'Um Kosten zu vermeiden, ist der Betrag bis 20. März zu zahlen.', 'Zahlen der Betrag', '2026-03-20'],
  ['de', 'Die Liste muss bis Freitag bei uns eingehen.', 'Senden die Liste', '2026-03-13'],
  ['de', 'Sie haben 14 Tage Zeit, das Formular zurückzusenden.', 'Zurücksenden das Formular', '2026-03-24'],
  ['de', 'Das Tor muss bis Freitag aufgeschlossen sein.', 'Aufschließen das Tor', '2026-03-13'],
  ['de', 'Die Listen brauche ich bis Freitag.', 'Senden die Listen', '2026-03-13'],
  ['de', 'Holst du die Kisten bis Freitag ab?', 'Abholen die Kisten', '2026-03-13'],
  ['fr', 'La cotisation est à régler pour le 20 mars.', 'Régler la cotisation', '2026-03-20'],
  ['fr', 'Glisse-la sous la porte avant vendredi.', 'Glisser Loan 44 sous la porte', '2026-03-13'],
  ['fr', 'Il vous reste jusqu’au 20 mars pour choisir un menu.', 'Choisir un menu', '2026-03-20'],
  ['fr', 'Le formulaire doit nous parvenir avant le 20 mars.', 'Envoyer le formulaire', '2026-03-20'],
  ['fr', 'À retourner signé avant vendredi.', 'Retourner signé', '2026-03-13'],
  ['fr', 'C’est urgent : rappelez-moi avant vendredi.', 'Rappeler Loan 44', '2026-03-13'],
  ['fr', 'Ce serait bien si tu pouvais relire la lettre avant vendredi.', 'Relire la lettre', '2026-03-13'],
  ['es', 'Cuando puedas llámame antes del viernes.', 'Llamar Loan 44', '2026-03-13'],
  ['es', 'El importe deberá abonarse antes del 20 de marzo.', 'Abonar el importe', '2026-03-20'],
  [
    'es',
    'Le agradeceríamos que nos hiciera llegar un resumen antes del 20 de marzo.',
    'Enviar un resumen',
    '2026-03-20',
  ],
  ['es', 'Dispone de diez días para aportar el certificado.', 'Aportar el certificado', '2026-03-20'],
  ['es', '¿Serías tan amable de sacar el cubo mañana?', 'Sacar el cubo', '2026-03-11'],
  ['pt', 'Tens até sexta para escolher as fotografias.', 'Escolher as fotografias', '2026-03-13'],
  ['pt', 'Importas-te de o rever até sexta?', 'Rever Loan 44', '2026-03-13'],
  [
    'pt',
    'Caso os documentos não nos sejam entregues até sexta, fechamos o processo.',
    'Entregar os documentos',
    '2026-03-13',
  ],
  ['pt', 'Poderia encurtá-la até sexta?', 'Encurtar Loan 44', '2026-03-13'],
  ['it', 'Senti per favore il fornitore entro venerdì.', 'Sentire il fornitore', '2026-03-13'],
  ['it', 'I moduli vanno consegnati entro venerdì.', 'Consegnare i moduli', '2026-03-13'],
  ['it', 'Tutti i nastri devono essere rimossi entro venerdì.', 'Rimuovere tutti i nastri', '2026-03-13'],
  ['it', 'Se intende rinnovarlo, ce lo comunichi entro venerdì.', 'Comunicare Loan 44', '2026-03-13'],
  ['it', 'Ti dispiacerebbe rivedere la scheda entro venerdì?', 'Rivedere la scheda', '2026-03-13'],
  ['nl', 'We hebben de lijst uiterlijk vrijdag nodig.', 'Sturen de lijst', '2026-03-13'],
  ['nl', 'Sla alle gegevens uiterlijk vrijdag op.', 'Opslaan alle gegevens', '2026-03-13'],
  ['nl', 'Zou jij Theo voor vrijdag mee willen nemen?', 'Meenemen Theo', '2026-03-13'],
  ['sv', 'Kan du vara så snäll och ställa ut tunnan före fredag?', 'Ställa ut tunnan', '2026-03-13'],
  [
    'sv',
    'Det bifogade samtycket ska lämnas undertecknat senast fredag.',
    'Lämna det bifogade samtycket undertecknat',
    '2026-03-13',
  ],
  ['sv', 'Sista dag att lämna in blanketten är den 20 mars.', 'Lämna in blanketten', '2026-03-20'],
])('%s: %s', (language, text, title, due) => {
  const sentences = spokenIn(text, language);
  const dates = findDates(sentences, options);
  expect(findRequest(sentences, dates, 'Loan 44', false)?.title).toBe(title);
  expect(dates.find((date) => date.verdict === 'deadline')?.date).toBe(due);
});

test.each<[LanguageCode, string]>([
  ['en', 'Deadline for changes: 23 November, 12:00.'],
  ['en', 'The bottles run low, but there is nothing to do.'],
  ['en', 'The forms were sent on 9 March.'],
  ['de', 'Neue Listen sind bestellt.'],
  ['fr', 'La lettre est arrivée vendredi.'],
  ['nl', 'De lijst is vrijdag verstuurd.'],
  ['sv', 'Blanketten lämnades in i fredags.'],
])('%s: “%s” asks for nothing that could be named', (language, text) => {
  const sentences = spokenIn(text, language);
  expect(findRequest(sentences, findDates(sentences, options), 'Loan 44', false)).toBeNull();
});
