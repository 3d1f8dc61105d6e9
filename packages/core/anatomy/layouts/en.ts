import type { Layout } from './layout.ts';

export const en: Layout = {
  language: 'en',
  markers:
    'forwarded message|begin forwarded message|forwarded by|forwarded email|forwarded mail|start of forwarded message|message forwarded|reply message|inline forwarded message|forwarded from',
  originals: 'original message|original email|original appointment',
  headers: {
    from: 'from',
    sent: 'date|sent|sent at|sent on',
    to: 'to',
    subject: 'subject',
    other:
      'cc|bcc|reply-to|importance|attachments|priority|organization|message-id|when|where|sender|resent-from|received|attachment|categories|sensitivity',
  },
  wrote: 'wrote|writes|said',
  introBegins: 'on|at|in a message dated|am',
  replyPrefixes: 're',
  forwardPrefixes: 'fwd|fw',
};
