import type { Layout } from './layout.ts';

export const de: Layout = {
  language: 'de',
  markers:
    'weitergeleitete nachricht|anfang der weitergeleiteten nachricht|anfang der weitergeleiteten e-mail|ursprüngliche nachricht|original-nachricht|originalnachricht|original nachricht|weitergeleitete mail|weitergeleitete e-mail|weitergeleitet von|ursprüngliche mail|beginn der weitergeleiteten nachricht|urspruengliche nachricht|ursprüngliche e-mail|weiterleitung',
  headers: {
    from: 'von|absender',
    sent: 'gesendet|datum|gesendet am|date',
    to: 'an|empfänger',
    subject: 'betreff',
    other: 'cc|kopie|bcc|antwort an|priorität|wichtigkeit|anlagen|anhänge|blindkopie|antworten an|kategorien',
  },
  wrote: 'schrieb|hat geschrieben|geschrieben|schrieben',
  introBegins: 'am|auf|den',
  replyPrefixes: 'aw|antw|re',
  forwardPrefixes: 'wg|wtr|wl|fwd',
};
