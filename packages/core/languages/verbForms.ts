import { fold } from './fold.ts';
import type { LanguageCode } from './language.ts';

/**
 * The forms in which a request puts a regular verb: imperatives and what stands behind “that”, folded. A plain form
 * may be a noun as well (“visite”, “informe”); a marked one is a verb wherever it stands.
 */
export interface VerbForms {
  plain: readonly string[];
  marked: readonly string[];
}

const join = (stems: readonly string[], endings: readonly string[]) =>
  stems.flatMap((s) => endings.map((e) => s + e));

/** The stem as it is and with its last vowel turned (“pid-e”, “vuelv-a”); turns that the verb does not make do no harm. */
const turned = (stem: string, turns: Readonly<Record<string, readonly string[]>>): string[] => {
  const found = /^(.*)([eo])([^aeiou]*)$/.exec(stem);
  return [stem, ...(turns[found?.[2] ?? ''] ?? []).map((v) => `${found?.[1] ?? ''}${v}${found?.[3] ?? ''}`)];
};

const part = (verb: string, endings: RegExp): [stem: string, ending: string] => {
  const found = endings.exec(verb);
  return found ? [verb.slice(0, found.index), found[0]] : [verb, ''];
};

function spanish(verb: string): VerbForms {
  const [stem, ending] = part(verb, /[aei]r$/);
  const stems = turned(stem, { e: ['ie', 'i'], o: ['ue', 'u'] });
  if (ending === 'ar') {
    const soft = stems.map((s) => s.replace(/c$/, 'qu').replace(/g$/, 'gu').replace(/z$/, 'c'));
    return {
      plain: [...join(stems, ['a', 'as']), ...join(soft, ['e', 'es'])],
      marked: [
        ...join(soft, ['en', 'eis']),
        ...join([stem], ['ad', 'ara', 'aran', 'aras', 'arias', 'arian', 'ariais']),
      ],
    };
  }
  const hard = stems.map((s) =>
    s
      .replace(/([^aeiou])c$/, '$1z')
      .replace(/([aeiou])c$/, '$1zc')
      .replace(/gu$/, 'g')
      .replace(/g$/, 'j')
      .replace(/(?<![gq])u$/, 'uy'),
  );
  return {
    plain: [...join(stems, ['e', 'es']), ...join(hard, ['a', 'as'])],
    marked: [
      ...join(hard, ['an', 'ais']),
      ...join(
        [stem],
        [`${ending.charAt(0)}d`, 'iera', 'ieran', 'ieras', `${ending}ias`, `${ending}ian`, `${ending}iais`],
      ),
    ],
  };
}

function portuguese(verb: string): VerbForms {
  const [stem, ending] = part(verb, /[aeio]r$/);
  if (ending === 'ar') {
    const soft = stem.replace(/c$/, 'qu').replace(/g$/, 'gu').replace(/ç$/, 'c');
    return {
      plain: [`${stem}a`, `${stem}as`, ...join([soft], ['e', 'es'])],
      marked: [`${soft}em`, ...join([stem], ['arem', 'arias', 'ariam', 'asse', 'asses', 'assem'])],
    };
  }
  const stems = turned(stem, ending === 'ir' ? { e: ['i'], o: ['u'] } : {}).map((s) =>
    s.replace(/gu$/, 'g').replace(/g$/, 'j'),
  );
  return {
    plain: [`${stem}e`, `${stem}es`, ...join(stems, ['a', 'as'])],
    marked: [
      ...join(stems, ['am']),
      ...join([`${stem}${ending}`], ['em', 'ias', 'iam']),
      ...join([`${stem}${ending.charAt(0)}`], ['sse', 'sses', 'ssem']),
    ],
  };
}

/** “tradurre”, “proporre”, “estrarre” go as “traducere”, “proponere”, “estraere”. */
const uncontracted = (verb: string) =>
  verb
    .replace(/durre$/, 'ducere')
    .replace(/porre$/, 'ponere')
    .replace(/trarre$/, 'traere');

function italian(verb: string): VerbForms {
  const [stem, ending] = part(uncontracted(verb), /[aei]re$/);
  if (ending === 'are') {
    const soft = stem.replace(/([cg])$/, '$1h').replace(/i$/, '');
    return {
      plain: [`${stem}a`, `${soft}i`, `${soft}ii`],
      marked: [
        ...join([stem], ['ate', 'assi', 'asse', 'aste']),
        ...join([soft], ['ino', 'iate', 'eresti', 'erebbe', 'ereste']),
      ],
    };
  }
  const vowel = ending.charAt(0);
  return {
    plain: join([stem], ['i', 'a']),
    marked: join(
      [stem],
      [
        `${vowel}te`,
        'ano',
        'iate',
        'isca',
        'isci',
        'iscano',
        `${vowel}ssi`,
        `${vowel}sse`,
        `${vowel}resti`,
        `${vowel}rebbe`,
        `${vowel}reste`,
      ],
    ),
  };
}

function french(verb: string): VerbForms {
  const [stem, ending] = part(verb, /(?:er|ir|re)$/);
  if (ending === 'er') {
    const stems = [stem, stem.replace(/([ou])y$/, '$1i'), stem.replace(/(e)([lt])$/, '$1$2$2')];
    return { plain: join(stems, ['e', 'es']), marked: join([stem], ['ez', 'iez', 'erais', 'eriez']) };
  }
  if (ending === 'ir')
    return {
      plain: join([stem], ['is', 's', 'it']),
      marked: join([stem], ['issez', 'issiez', 'ez', 'iez', 'irais', 'iriez']),
    };
  // “traduire”: “traduisez”
  const stems = [stem, stem.replace(/([^o]i)$/, '$1s')];
  return {
    plain: join([stem], ['s']),
    marked: [...join(stems, ['ez', 'iez']), ...join([stem], ['rais', 'riez'])],
  };
}

function german(verb: string): VerbForms {
  const [stem] = part(verb, /e?n$/);
  const whole = /(?:el|er)n$/.test(verb) ? verb.slice(0, -1) : stem;
  return { plain: join([whole], ['', 'e', 't', 'et', 'st', 'est']), marked: [verb] };
}

function dutch(verb: string): VerbForms {
  const [stem] = part(verb, /e?n$/);
  const long = stem.replace(/(?<![aeiou])([aeou])([^aeiou])$/, '$1$1$2');
  const single = stem.replace(/([^aeiou])\1$/, '$1');
  // “opslaan” → “sla op”, “nazien” → “zie na”
  const short = /(?:aan|ien|oen)$/.test(verb) ? [verb.replace(/aan$/, 'a').replace(/(?<=[io]e)n$/, '')] : [];
  const stems = [stem, long, single, ...short].map((s) => s.replace(/v$/, 'f').replace(/z$/, 's'));
  return { plain: [...new Set(stems)], marked: [verb] };
}

function swedish(verb: string): VerbForms {
  const stem = verb.replace(/a$/, '').replace(/mm$/, 'm');
  return {
    plain: verb.endsWith('era') ? [] : [stem, `${stem}er`],
    marked: [verb, `${verb}r`, ...(verb.endsWith('a') ? [`${verb}de`] : [])],
  };
}

const FORMS: Record<LanguageCode, (verb: string) => VerbForms> = {
  en: (verb) => ({ plain: [verb], marked: [] }),
  de: german,
  fr: french,
  es: spanish,
  pt: portuguese,
  nl: dutch,
  it: italian,
  sv: swedish,
};

export function verbForms(infinitive: string, code: LanguageCode): VerbForms {
  const { plain, marked } = FORMS[code](infinitive.toLowerCase());
  // Of “ver” and “ir” the short forms are other words.
  return { plain: plain.map(fold).filter((form) => form.length > 2), marked: marked.map(fold) };
}
