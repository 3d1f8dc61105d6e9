import type { Layout } from './layout.ts';

export const fr: Layout = {
  language: 'fr',
  markers:
    'message transféré|message transmis|début du message transféré|début du message réexpédié|courriel transféré|e-mail transféré|transféré par|message réexpédié|mail transféré',
  originals: 'message original|message d’origine|message initial|e-mail d’origine',
  headers: {
    from: 'de|expéditeur|from',
    sent: 'envoyé|date|envoyé le|envoyée',
    to: 'à|pour|destinataire|destinataires',
    subject: 'objet|sujet',
    other: 'cc|copie à|cci|copie|répondre à|importance|pièces jointes|pièce jointe|priorité|catégories',
  },
  wrote: 'a écrit|écrit|écrivait|a écrit ce qui suit',
  introBegins: 'le|en date du|du',
  replyPrefixes: 're|rép|rep',
  forwardPrefixes: 'tr|fwd|trans',
};
