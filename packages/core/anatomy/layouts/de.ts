import type { Layout } from './layout.ts';

export const de: Layout = {
  language: 'de',
  markers:
    'weitergeleitete nachricht|anfang der weitergeleiteten nachricht|anfang der weitergeleiteten e-mail|weitergeleitete mail|weitergeleitete e-mail|weitergeleitet von|beginn der weitergeleiteten nachricht|weiterleitung',
  originals:
    'ursprüngliche nachricht|original-nachricht|originalnachricht|original nachricht|ursprüngliche mail|urspruengliche nachricht|ursprüngliche e-mail',
  headers: {
    from: 'von|absender',
    sent: 'gesendet|datum|gesendet am|date',
    to: 'an|empfänger',
    subject: 'betreff',
    other: 'cc|kopie|bcc|antwort an|priorität|wichtigkeit|anlagen|anhänge|blindkopie|antworten an|kategorien',
  },
  wrote: 'schrieb|hat geschrieben|geschrieben|schrieben',
  introBegins: 'das folgende|folgendes|folgende|am|auf|den',
  replyPrefixes: 'aw|antw|re',
  forwardPrefixes: 'wg|wtr|wl|fwd',
};
