import { expect, test } from 'vitest';
import { taskOf } from '../reading/testTask.ts';

/** What a request in a sentence of its own speaks of; what stands around it does not change it. */
test.each([
  ['Could you prune the roses? It has to be done by Friday.', 'Prune the roses', '2026-03-13'],
  ['Nobody has managed to prune the roses. Could you do it by Friday?', 'Prune the roses', '2026-03-13'],
  ['Thanks for offering to prune the roses. Could you do so by Friday?', 'Prune the roses', '2026-03-13'],
  ['You offered to prune the roses. Would that be possible by Friday?', 'Prune the roses', '2026-03-13'],
  ['I attach order 88-12. Please cancel it by Friday.', 'Cancel order 88-12', '2026-03-13'],
  ['How many of you are coming? Please let me know by Friday.', 'Answer: How many of you are coming?', '2026-03-13'],
  ['Der Tank muss noch gereinigt werden; kümmern Sie sich bitte bis Freitag darum.', 'Reinigen der Tank', '2026-03-13'],
  ['Danke, dass du angeboten hast, den Saal zu buchen. Ginge das bis Freitag?', 'Buchen den Saal', '2026-03-13'],
  ['Personne n’a pu signer le bail. Pourriez-vous le faire avant vendredi ?', 'Signer le bail', '2026-03-13'],
  ['Aún no se ha podido firmar el contrato. ¿Podría hacerlo antes del viernes?', 'Firmar el contrato', '2026-03-13'],
  ['Ci mancano dodici spartiti per la prova di venerdì. Riusciresti a fotocopiarli?', 'Fotocopiare dodici spartiti per la prova', '2026-03-13'],
  ['Ingen har hunnit boka salen. Skulle du kunna göra det senast fredag?', 'Boka salen', '2026-03-13'],
  ['The board has decided that the form is to be signed by Friday.', 'Sign the form', '2026-03-13'],
  ['Unless you sign the lease by Friday, we shall have to close the file.', 'Sign the lease', '2026-03-13'],
  ['We can only go ahead if you sign the lease by Friday.', 'Sign the lease', '2026-03-13'],
  ['I need the lease signed by Friday.', 'Sign the lease', '2026-03-13'],
  ['Order 88-12 must be cancelled by Friday.', 'Cancel order 88-12', '2026-03-13'],
  ['Could you count the cards before the auditors come on Friday?', 'Count the cards', '2026-03-13'],
  ['Das Foto muss bis zum 30. geschickt werden.', 'Schicken das Foto', '2026-03-30'],
  ['Wir bitten Sie, die Liste bis Freitag, den 20. März, zu schicken.', 'Schicken die Liste', '2026-03-20'],
  ['Ich möchte daran erinnern, dass der Tank bis Freitag gereinigt werden muss.', 'Reinigen der Tank', '2026-03-13'],
  ['Letzter Tag, um den Saal zu buchen, ist der 20. März.', 'Buchen den Saal', '2026-03-20'],
  ['Le dernier délai pour signer le bail est le 20 mars.', 'Signer le bail', '2026-03-20'],
  ['Assim que puderes, envia-nos a foto até sexta-feira.', 'Enviar a foto', '2026-03-13'],
  ['Se potesse firmare il contratto entro venerdì, ci aiuterebbe molto.', 'Firmare il contratto', '2026-03-13'],
  ['Te doen: het pakket voor vrijdag ophalen.', 'Ophalen het pakket', '2026-03-13'],
  ['Se till att fakturan är betald senast fredag.', 'Betala fakturan', '2026-03-13'],
])('%s', async (words, title, due) => {
  expect(await taskOf(words)).toEqual({ title, due });
}); // prettier-ignore

test.each([
  'Votre colis sera livré le 13 mars entre 8 h et 12 h.',
  'Un permis est demandé pour le 18, rue du Bac.',
  'Wenn Sie am Freitag nicht kommen können, schadet das nicht.',
  'We hebben de repetitie van donderdag naar vrijdag verplaatst.',
  'O elevador está avariado até quinta-feira.',
  'La spedizione sarà consegnata giovedì. Non occorre firmare.',
  'Die Zahlen schicke ich Ihnen bis Freitag.',
  'If I had time on Friday, I would help.',
  'Als ik vrijdag tijd heb, kom ik langs.',
  'Wenn ich am Freitag Zeit habe, komme ich vorbei.',
  'Si j’avais le temps vendredi, je viendrais.',
  'Até quinta, na reunião!',
])('no deadline: %s', async (words) => {
  expect((await taskOf(words)).due).toBe('-');
});
