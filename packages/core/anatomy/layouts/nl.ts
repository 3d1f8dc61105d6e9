import type { Layout } from './layout.ts';

export const nl: Layout = {
  language: 'nl',
  markers:
    'doorgestuurd bericht|begin doorgestuurd bericht|doorgestuurde e-mail|doorgestuurd door|doorgezonden bericht|begin van doorgestuurd bericht|doorgestuurde mail',
  originals: 'oorspronkelijk bericht|origineel bericht|oorspronkelijke e-mail|oorspronkelijke mail',
  headers: {
    from: 'van|afzender',
    sent: 'verzonden|datum|verstuurd|verzonden op',
    to: 'aan|naar',
    subject: 'onderwerp|betreft',
    other: 'cc|kopie|bcc|antwoord aan|urgentie|bijlagen|prioriteit|bijlage|beantwoorden aan|categorieën',
  },
  wrote: 'schreef|heeft geschreven|geschreven|schreef het volgende',
  introBegins: 'op|om|het volgende',
  replyPrefixes: 'antw|re|betr',
  forwardPrefixes: 'doorst|fwd|fw|dv',
};
