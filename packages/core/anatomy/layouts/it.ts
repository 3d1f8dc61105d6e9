import type { Layout } from './layout.ts';

export const it: Layout = {
  language: 'it',
  markers:
    'messaggio inoltrato|inizio messaggio inoltrato|inizio del messaggio inoltrato|inoltrato da|e-mail inoltrata|messaggio inoltrato da|email inoltrata|forwarded message',
  originals: 'messaggio originale|messaggio originario|email originale|e-mail originale',
  headers: {
    from: 'da|mittente',
    sent: 'inviato|data|inviata|inviato il|data invio',
    to: 'a|per|destinatario',
    subject: 'oggetto',
    other: 'cc|ccn|rispondi a|importanza|allegati|priorità|copia|allegato|categorie',
  },
  wrote: 'ha scritto|scrive|ha scritto quanto segue|scritto',
  introBegins: 'il giorno|il|in data|lo',
  replyPrefixes: 'r|re|rif|ris',
  forwardPrefixes: 'i|fwd|inoltro|inol',
};
