/** The cue words of one language, by class. Each is matched as whole words, in any case. */
export interface DateLanguage {
  language: string;
  /** Directly in front of a date: the day by which. */
  deadlinePreposition: readonly string[];
  /** Directly behind a date. */
  deadlineAfter: readonly string[];
  /** Nouns and verbs of a sentence about a deadline. */
  deadlineNoun: readonly string[];
  request: readonly string[];
  event: readonly string[];
  past: readonly string[];
  /** Words that make a phrase without digits a date. */
  dateWord: readonly string[];
}
