import {
  alternatives,
  isInfinitive,
  participleBase,
  pattern,
  perLanguage,
  WORD_END,
  type Language,
} from '../languages/index.ts';

/** In front of a clause with a word for what has to be: “that”, or a colon. */
const patternsOf = perLanguage(({ cues, requests }: Language) => {
  const must = `(?=[^,;:.!?]*\\s${alternatives(cues.must, cues.should)}${WORD_END})`;
  return {
    that: pattern(`^(?<ahead>[^,.;:!?]{3,70}?),?\\s${alternatives(requests.that)}(?:(?<=')|\\s)${must}`),
    colon: pattern(`^[^,.;:!?]{3,60}?:\\s+${must}`),
  };
});

/**
 * How long the words are that only say that something has to be done (“The board has decided that | the form is to be
 * signed”, “Es eilt: | das Formular muss …”). “The form that has to be signed” says no such thing.
 */
export function toldLength(folded: string, language: Language): number {
  const { that, colon } = patternsOf(language);
  const labelled = colon.exec(folded)?.[0].length;
  if (labelled !== undefined) return labelled;
  const found = that.exec(folded);
  const last = found?.groups?.ahead?.split(/[\s']+/).at(-1) ?? '';
  const tells =
    isNeverRelative(language) ||
    TOLD_WHOM.test(last) ||
    isInfinitive(last, language) ||
    participleBase(last, language) !== null;
  return found && tells ? found[0].length : 0;
}

/** “(remind) you that”, “(herinner u) eraan dat” */
const TOLD_WHOM = /^(?:you|u|eraan|erop)$/;

/** “dass”, “att” begin no relative clause, as “that”, “que”, “dat” may. */
const isNeverRelative = ({ code }: Language) => code === 'de' || code === 'sv';
