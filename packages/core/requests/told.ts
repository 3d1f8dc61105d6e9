import { isInfinitive, participleBase, type Language } from '../languages/index.ts';

/** What has to be: it stands in the clause that is told. */
const MUST =
  '(?=[^,;:.!?]*\\s(?:is to|are to|must|has to|have to|needs? to|should|doit|doivent|devra|debe[n]?|tiene[n]? que|deve|devem|tem de|tera de|devono|va|muss|mussen|soll|sollen|sollte|moet|moeten|dient|maste|ska)(?:\\s|[.!?]|$))';

const THAT = new RegExp(`^([^,.;:!?]{3,70}?)(?:,?\\s(?:that|que|dass|dat|att|che)\\s|\\squ')${MUST}`);
const COLON = new RegExp(`^[^,.;:!?]{3,60}?:\\s+${MUST}`);

/**
 * How long the words are that only say that something has to be done (“The board has decided that | the form is to be
 * signed”, “Es eilt: | das Formular muss …”). “The form that has to be signed” says no such thing.
 */
export function toldLength(folded: string, language: Language): number {
  const colon = COLON.exec(folded)?.[0].length;
  if (colon !== undefined) return colon;
  const found = THAT.exec(folded);
  const last = found?.[1]?.split(/[\s']+/).at(-1) ?? '';
  const tells =
    ['de', 'sv'].includes(language.code) ||
    /^(?:you|eraan|erop|u)$/.test(last) ||
    isInfinitive(last, language) ||
    participleBase(last, language) !== null;
  return found && tells ? found[0].length : 0;
}
