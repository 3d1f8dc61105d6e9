import { fold } from './fold.ts';
import type { Language } from './language.ts';
import { perLanguage } from './languages.ts';
import { verbForms } from './verbForms.ts';
import { listOf, pairsOf } from './words.ts';

/** Folded forms of verbs with their base form: those that are verbs for sure and those that may be nouns too. */
export interface VerbTable {
  sure: ReadonlyMap<string, string>;
  doubtful: ReadonlyMap<string, string>;
}

export const verbTable = perLanguage(({ code, common, requests }: Language): VerbTable => {
  const sure = new Map<string, string>();
  const doubtful = new Map<string, string>();
  const homographs = new Set(listOf(requests.homographs));
  const functionWords = new Set(listOf(common));
  const add = (form: string, base: string, isSure: boolean) => {
    if (functionWords.has(form) || sure.has(form)) return;
    const table = isSure && !homographs.has(form) ? sure : doubtful;
    if (!table.has(form)) table.set(form, base);
  };
  const forms = pairsOf(requests.forms);
  for (const [form, base] of forms) add(form, base, true);
  for (const verb of `${requests.verbs}|${requests.moreVerbs}`.split('|')) {
    const prefix = code === 'de' ? INSEPARABLE.exec(verb)?.[0] : undefined;
    if (prefix === undefined) continue;
    for (const [form, base] of forms) if (verb === prefix + base) add(fold(prefix) + form, verb, true);
  }
  const verbs = (words: string, isSure: boolean) => {
    // “sag” is of “sagen” before it is of “sägen”.
    const all = words.split('|');
    const plainFirst = [
      ...all.filter((base) => fold(base) === base),
      ...all.filter((base) => fold(base) !== base),
    ];
    for (const base of plainFirst) {
      const { plain, marked } = verbForms(base, code);
      add(fold(base), base, isSure || code !== 'en');
      for (const form of marked) add(form, base, true);
      for (const form of plain) add(form, base, isSure);
    }
  };
  verbs(requests.verbs, true);
  verbs(requests.moreVerbs, false);
  const bases = basesOf(`${requests.verbs}|${requests.moreVerbs}`, requests.particles);
  if (bases !== '') verbs(bases, false);
  return { sure, doubtful };
});

/** “übernehmen” → “übernimm”, as “nimm” */
const INSEPARABLE = /^(?:über|unter|hinter|wider|miss|zer|ver|ent|be|er|ge)/;

/** “freiräumen” → “räumen”: what is left of a verb without its particle. */
function basesOf(verbs: string, particles: string): string {
  const known = listOf(particles);
  return verbs
    .split('|')
    .flatMap((verb) => {
      const particle = known.find((p) => fold(verb).startsWith(p) && verb.length > p.length + 4);
      return particle === undefined ? [] : [verb.slice(particle.length)];
    })
    .join('|');
}
