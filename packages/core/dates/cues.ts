import { DATE_LANGUAGES, type DateLanguage } from './languages/index.ts';

type CueClass = Exclude<keyof DateLanguage, 'language'>;

const escape = (words: string) => words.replace(/[.*+?^${}()|[\]\\]/g, '\\$&').replaceAll(' ', '\\s+');

function pattern(name: CueClass, before: string, after: string): RegExp {
  const words = DATE_LANGUAGES.flatMap((language) => language[name]).toSorted((a, b) => b.length - a.length);
  return new RegExp(`${before}\\b(?:${words.map(escape).join('|')})\\b${after}`, 'i');
}

/** Where a cue of each class stands: in front of the phrase, behind it, anywhere in the sentence, as its label. */
export const CUES = {
  prepositionBefore: pattern('deadlinePreposition', '', '[\\s:]*(?:the\\s+|on\\s+|this\\s+|is\\s+)?$'),
  prepositionWithin: pattern('deadlinePreposition', '^', ''),
  after: pattern('deadlineAfter', '^[\\s,(]*', ''),
  noun: pattern('deadlineNoun', '', ''),
  request: pattern('request', '', ''),
  event: pattern('event', '', ''),
  pastBefore: pattern('past', '', '\\s+(?:on\\s+|the\\s+)?$'),
  dateWord: pattern('dateWord', '', ''),
} as const;
