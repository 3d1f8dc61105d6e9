import type { Words } from '../../languages/index.ts';

/** How mail programs of one language mark forwarded mail, replies and prefixes. */
export interface Layout {
  language: string;
  /** The words of a line above a forwarded or an original message; dashes and the like around them do not count. */
  markers: Words;
  /** The same above a message that may as well have been answered. */
  originals: Words;
  headers: {
    from: Words;
    sent: Words;
    to: Words;
    subject: Words;
    other: Words;
  };
  /** In the line above a quoted message: “wrote”. */
  wrote: Words;
  /** How such a line begins. */
  introBegins: Words;
  replyPrefixes: Words;
  forwardPrefixes: Words;
}
