import { isLifted, spokenIn, type Spoken } from '../dates/index.ts';
import {
  alternatives,
  detectLanguage,
  verbsOf,
  type Language,
  type LanguageCode,
} from '../languages/index.ts';

/** What a writer calls a thing that is done, in each language; small words may stand between. */
const DONE: Record<LanguageCode, string> = {
  en: 'done|finished|completed|taken care of|sorted out|dealt with|settled|resolved|signed and returned',
  de: 'erledigt|fertig|abgeschlossen|ist gemacht|ist getan|habe ich gemacht|beendet|gelost|hat sich erledigt',
  fr: "c'est fait|fait|termine|terminee|acheve|achevee|regle|reglee|effectue|effectuee|resolu|resolue",
  es: 'hecho|hecha|listo|lista|terminado|terminada|completado|completada|finalizado|finalizada|resuelto|resuelta',
  pt: 'feito|feita|pronto|pronta|terminado|terminada|concluido|concluida|finalizado|finalizada|resolvido|resolvida',
  nl: 'gedaan|klaar|afgerond|afgehandeld|voltooid|geregeld|opgelost|in orde gemaakt',
  it: 'fatto|fatta|finito|finita|completato|completata|concluso|conclusa|terminato|terminata|risolto|risolta|sistemato|sistemata',
  sv: 'klart|klar|gjort|gjord|fardigt|fardig|avslutat|avslutad|avklarat|avklarad|ordnat|ordnad|slutfort|slutford',
};

/** A report is short, and no question, condition or order. */
const LONGEST = 120;

/** The first sentence that says that something is done: its place in the text, or null. */
export function findDone(text: string): { start: number; end: number } | null {
  const said = spokenIn(text, detectLanguage(text) ?? 'en').find(
    ({ text: words, folded, language }) =>
      words.length <= LONGEST && !words.includes('?') && reportsDone(folded, language),
  );
  return said ? placeOf(said) : null;
}

/** The first sentence that takes back what was asked before: its place in the text, or null. */
export function findLifted(text: string): { start: number; end: number } | null {
  const said = spokenIn(text, detectLanguage(text) ?? 'en').find(isLifted);
  return said ? placeOf(said) : null;
}

const placeOf = ({ start, text }: Spoken) => ({ start, end: start + text.trimEnd().length });

function reportsDone(folded: string, language: Language): boolean {
  const { not, condition } = verbsOf(language);
  const found = patternOf(language).exec(folded);
  if (!found || condition.test(folded) || folded.match(not) !== null) return false;
  return !WAITS.test(folded.slice(0, found.index));
}

/** In front of what is still to be done: “to be done”, “must be finished”, “until it is done”. In the eight languages. */
const WAITS =
  /(?:^|[^\p{L}])(?:to be|be|must|should|until|when|once|by|please|will|bis|bitte|muss|soll|sobald|wird|werden|jusqu\S*|quand|doit|devra|sera|veuillez|hasta|cuando|debe|sera|por favor|ate|quando|deve|tot|zodra|moet|zal|graag|fino|appena|tills|nar|ska|maste)(?![\p{L}])/u;

const patterns = new Map<LanguageCode, RegExp>();

function patternOf({ code }: Language): RegExp {
  const known = patterns.get(code) ?? new RegExp(`(?<![\\p{L}])${alternatives(DONE[code])}(?![\\p{L}])`, 'u');
  patterns.set(code, known);
  return known;
}
