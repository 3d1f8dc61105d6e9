import type { Layout } from './layout.ts';

export const sv: Layout = {
  language: 'sv',
  markers:
    'vidarebefordrat meddelande|vidarebefordrat brev|vidarebefordrat av|början på vidarebefordrat meddelande|börja vidarebefordrat meddelande|inledning av vidarebefordrat meddelande|vidarebefordrat mejl|vidarebefordrad e-post|forwarded message',
  originals: 'ursprungligt meddelande|originalmeddelande|ursprungligt mejl|ursprungligt e-postmeddelande',
  headers: {
    from: 'från|avsändare',
    sent: 'skickat|datum|skickades|skickat den',
    to: 'till|mottagare',
    subject: 'ämne|rubrik',
    other: 'kopia|cc|hemlig kopia|svara till|prioritet|bilagor|bifogade filer|svar till|kategorier',
  },
  wrote: 'skrev|har skrivit|skriver|skrev följande',
  introBegins: 'den|på|kl',
  replyPrefixes: 'sv|re|svar',
  forwardPrefixes: 'vb|vs|fwd|vidarebef',
};
