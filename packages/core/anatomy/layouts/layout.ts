/** How mail programs of one language mark forwarded mail, replies and prefixes. */
export interface Layout {
  language: string;
  forwardMarkers: readonly RegExp[];
  headers: {
    from: readonly string[];
    sent: readonly string[];
    subject: readonly string[];
    other: readonly string[];
  };
  /** First and last words of the line (or two or three lines) above a quoted message. */
  historyIntro: { begins: RegExp; ends: RegExp };
  subjectPrefixes: readonly string[];
}
