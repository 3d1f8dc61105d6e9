import type { Layout } from './layout.ts';

export const en: Layout = {
  language: 'en',
  forwardMarkers: [
    /^-{3,} ?forwarded message ?-{3,}$/i,
    /^begin forwarded message:$/i,
    /^-{3,} ?original message ?-{3,}$/i,
  ],
  headers: {
    from: ['from'],
    sent: ['date', 'sent'],
    subject: ['subject'],
    other: ['to', 'cc', 'reply-to'],
  },
  historyIntro: { begins: /^on .*\d/i, ends: /wrote:$/i },
  subjectPrefixes: ['re', 'fwd', 'fw'],
};
