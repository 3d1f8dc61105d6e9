import { actingBase, fold, isSmall, LANGUAGES, listOf, type Language } from '../languages/index.ts';

/** Who an item is for, and the item without him. Places count in the item's words. */
export interface Owned {
  owner: string | null;
  start: number;
  end: number;
  /** The words without the owner, blanks in his place. */
  words: string;
}

const NAME = "\\p{Lu}[\\p{L}'’.-]+(?:\\s(?:(?:de|van|von|da|di|der|del)\\s)?\\p{Lu}[\\p{L}'’.-]*){0,2}";
const ASSIGNS = `(?:${LANGUAGES.flatMap((l) => listOf(l.requests.assigns)).join('|')})`;
const SHAPES = [
  new RegExp(`^[*_]{0,2}(?<owner>${NAME})[*_]{0,2}\\s*(?::|\\s[-–—]\\s)(?=\\s*\\S)`, 'u'),
  new RegExp(`^(?<owner>${NAME})\\s${ASSIGNS}\\s(?=\\p{Ll})`, 'u'),
  /(?<![\p{L}\d.])@(?<owner>\p{L}[\p{L}.-]+)/u,
  new RegExp(`[([]\\s*(?<owner>${NAME})\\s*(?:[,;–—-][^)\\]]{0,40})?[)\\]]`, 'u'),
  new RegExp(`(?:\\s[-–—/|]+\\s*|→\\s*|->\\s*)(?<owner>${NAME})\\s*[,.;]?\\s*$`, 'u'),
];
const LABEL = labelShape();

function labelShape(): RegExp {
  const words = LANGUAGES.flatMap((l) => listOf(l.requests.owner)).filter((w) => w.length > 2);
  return new RegExp(`[(,;–-]?\\s*(?:${words.join('|')})\\s*:\\s*`);
}

const NO_NAMES = new Set(
  LANGUAGES.flatMap((l) =>
    [
      ...l.months,
      ...l.weekdays,
      ...l.shortDays,
      ...l.ordinals,
      l.requests.indirect,
      l.requests.pronouns,
      l.requests.clitics,
      l.requests.action,
      l.requests.when,
      l.requests.done,
      l.cues.dueNoun,
      l.requests.high,
      l.requests.taskHeading,
      l.requests.otherHeading,
      l.dates.today,
      l.dates.tomorrow,
      l.requests.please,
    ].flatMap(listOf),
  ),
);

export function ownerOf(words: string, language: Language): Owned {
  const label = LABEL.exec(fold(words));
  const labelled =
    label && new RegExp(`^(?<owner>${NAME})`, 'u').exec(words.slice(label.index + label[0].length));
  if (label && labelled)
    return cut(
      words,
      label.index,
      label.index + label[0].length + labelled[0].length,
      labelled.groups?.owner,
    );
  for (const shape of SHAPES) {
    const found = shape.exec(words);
    const owner = found?.groups?.owner;
    // No verb has a colon behind it, so that Lea may be a name here.
    const isVerbToo = shape !== SHAPES[0] && exactVerb(owner ?? '', language);
    if (!found || owner === undefined || isVerbToo || !isPerson(owner)) continue;
    return cut(words, found.index, found.index + found[0].length, owner);
  }
  return actingOwner(words, language) ?? { owner: null, start: 0, end: 0, words };
}

/** “Tomas asks the roofer” → “ask the roofer” */
const THIRD = new RegExp(`^(?<owner>${NAME})\\s(?<verb>\\p{Ll}{2,})(?=\\s)`, 'u');

function actingOwner(words: string, language: Language): Owned | null {
  const { owner, verb } = THIRD.exec(words)?.groups ?? {};
  if (owner === undefined || verb === undefined || exactVerb(owner, language)) return null;
  // Jan is a month too, but one that does nothing.
  if (!isPerson(owner) && !MONTHS.has(fold(owner))) return null;
  if (isSmall(owner.split(/\s/)[0] ?? '', language)) return null;
  const base = actingBase(verb, language);
  const start = owner.length;
  return base === null
    ? null
    : {
        owner,
        start: 0,
        end: start,
        words: `${' '.repeat(start + 1)}${base}${words.slice(start + 1 + verb.length)}`,
      };
}

const MONTHS = new Set(LANGUAGES.flatMap((l) => l.months.flatMap(listOf)));

function cut(words: string, start: number, end: number, owner = ''): Owned {
  const at = words.indexOf(owner, start);
  return {
    owner: owner.replace(/[.]$/, ''),
    start: at,
    end: at + owner.length,
    words: words.slice(0, start) + ' '.repeat(end - start) + words.slice(end),
  };
}

/** With its accents: a Tom is no “töm”. */
const exactVerb = (name: string, language: Language) =>
  language.requests.verbs.split('|').includes((name.split(/\s/)[0] ?? '').toLowerCase());

function isPerson(name: string): boolean {
  const folded = fold(name);
  const [first = ''] = folded.split(/\s/);
  return !NO_NAMES.has(folded) && !NO_NAMES.has(first) && !/^\p{Lu}{2,}$/u.test(name);
}
