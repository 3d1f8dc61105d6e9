import { fold } from './fold.ts';
import type { Language, LanguageCode } from './language.ts';
import { verbTable } from './verbTable.ts';

/** What the first person of the future puts behind the infinitive, folded (“llamar|emos”, “rappeller|ons”). */
const ENDING: Partial<Record<LanguageCode, RegExp>> = {
  fr: /(?<=r)(?:ai|ons)$/,
  es: /(?<=r)(?:e|emos)$/,
  pt: /(?<=r)(?:ei|emos)$/,
  it: /(?<=r)(?:o|emo)$/,
};

/** A verb in the first person of the present with a pronoun for the reader (“te mando”, “mando-te”), or with the writer behind it (“schicke ich”). */
const PRESENT: Partial<Record<LanguageCode, RegExp>> = {
  de: /(?<![\p{L}])(?!sagen|hab|hat|hatt|sind|war|konn|muss|durf|woll|moch|soll|brauch|benot|wurd|bitte|erhalt|bekomm|erwart|hoff)\p{L}{3,}(?:e\sich|en\swir)(?![\p{L}])/u,
  nl: /(?<![\p{L}])(?!heb|had|zijn|zul|zou|kun|kan|kon|moe|mog|mag|wil|wou|verzoek|vrag|vraag|zegg|ontvang|krijg|verwacht|hopen|hoop)\p{L}{3,}(?:[^e\s]\sik|en\s(?:we|wij))(?![\p{L}])/u,
  sv: /(?<![\p{L}])(?!har|ar|behover|onskar|ber|saknar|vantar|far|hoppas)\p{L}{3,}r\s(?:jag|vi)(?![\p{L}])/u,
  es: /(?<![\p{L}])(?<!que\s)(?:te|le|les|os|se l[oa]s?)\s\p{L}{2,}(?:o|amos|emos|imos)(?![\p{L}])/u,
  pt: /(?<![\p{L}])(?<!que\s)(?:(?:te|lhe|lhes|vos)\s\p{L}{2,}(?:o|amos|emos|imos)|\p{L}{2,}(?:o|amos|emos|imos)-(?:te|lhes?|vos)|\p{L}{2,}r-(?:te|lhes?|vos)-(?:ei|emos))(?![\p{L}])/u,
  it: /(?<![\p{L}])(?<!che\s)(?:ti|le|vi|te l[oaie]|gliel[oaie]|ve l[oaie])\s\p{L}{2,}(?:o|iamo)(?![\p{L}])/u,
};

/** The word that tells what the writer himself does or will do in a folded clause. */
export const ownDeed = (clause: string, language: Language): string | undefined =>
  PRESENT[language.code]?.exec(clause)?.[0] ??
  clause.match(/\p{L}+/gu)?.find((word) => isOwnFuture(word, language));

/** Stems of the future that are no infinitives (“pondr|emos”, “enverr|ons”). */
const IRREGULAR: Partial<Record<LanguageCode, RegExp>> = {
  fr: /^(?:r?enverr|viendr|reviendr|tiendr|fer|ir|pourr|devr|recevr|verr|saur|voudr)$/,
  es: /(?:^|re|dis|pro|com|su)(?:pondr|tendr|vendr|saldr|har|dir|podr|sabr|querr)$/,
  pt: /^(?:far|dir|trar)$/,
  it: /(?:^|ri)(?:far|dar|star|andr|dovr|potr|vedr|verr|terr|sapr)$/,
};

/** Whether a folded word tells what the writer himself will do: a known infinitive with that ending. */
function isOwnFuture(word: string, language: Language): boolean {
  const ending = ENDING[language.code];
  if (!ending?.test(word)) return false;
  if (IRREGULAR[language.code]?.test(word.replace(ending, ''))) return true;
  const { sure, doubtful } = verbTable(language);
  return infinitivesOf(word.replace(ending, ''), language.code).some(
    (verb) => fold(sure.get(verb) ?? doubtful.get(verb) ?? '') === verb,
  );
}

function infinitivesOf(stem: string, code: LanguageCode): string[] {
  if (code === 'it') return [`${stem}e`, stem.replace(/er$/, 'are')];
  if (code === 'fr') return /[dt]r$/.test(stem) ? [`${stem}e`] : [stem, stem.replace(/([lt])\1er$/, '$1er')];
  return [stem];
}
