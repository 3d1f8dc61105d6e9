import { z } from 'zod';
import { findWords, fold } from '../../languages/index.ts';
import type { KindWords } from './kindWords.ts';
import { unionOf } from './unionOf.ts';

/** What is done with a tidy step `S`, whatever its kind. */
interface TidyWork<S> extends KindWords<S> {
  apply: (value: string, step: S) => string;
}

const tidyKind = <S extends z.ZodType>(schema: S, work: TidyWork<z.infer<S>>) => ({ schema, ...work });

const kinds = {
  remove: tidyKind(
    z.strictObject({
      do: z.literal('remove'),
      words: z.array(z.string().min(1)).min(1, 'Write some words.'),
      from: z.enum(['start', 'end', 'anywhere']).default('start'),
    }),
    {
      label: 'remove words',
      doc: 'Removes words at its start, its end or anywhere; whole words only, in any case.',
      apply: (value, { words, from }) => words.reduce((left, each) => removeWords(left, each, from), value),
      say: ({ words, from }) =>
        `without “${words.join('”, “')}”${from === 'anywhere' ? '' : ` at its ${from}`}`,
    },
  ),
  replace: tidyKind(
    z.strictObject({
      do: z.literal('replace'),
      find: z.string().min(1, 'Write what to replace.'),
      with: z.string(),
    }),
    {
      label: 'replace words',
      doc: 'Puts other words in the place of some, wherever they stand, within words too, in any case.',
      apply: (value, step) => replaceWords(value, step.find, step.with),
      say: (step) => `with “${step.with}” for “${step.find}”`,
    },
  ),
  case: tidyKind(
    z.strictObject({
      do: z.literal('case'),
      to: z.enum(['lower', 'upper', 'first capital', 'each capital']),
    }),
    {
      label: 'upper and lower case',
      doc: 'Writes it in lower or upper case, with a first capital, or with a capital to each word.',
      apply: (value, { to }) => CASES[to](value),
      say: ({ to }) =>
        `in ${to === 'lower' || to === 'upper' ? `${to} case` : to.replace('capital', 'capitals')}`,
    },
  ),
  'first line': tidyKind(z.strictObject({ do: z.literal('first line') }), {
    label: 'its first line',
    doc: 'Takes its first line alone.',
    apply: (value) => value.split('\n')[0] ?? '',
    say: () => 'the first line of it',
  }),
  'first sentence': tidyKind(z.strictObject({ do: z.literal('first sentence') }), {
    label: 'its first sentence',
    doc: 'Takes its first sentence alone, or its first line where no sentence ends.',
    apply: (value) => /^[\s\S]*?[.!?](?=\s|$)/.exec(value)?.[0] ?? value.split('\n')[0] ?? '',
    say: () => 'the first sentence of it',
  }),
  'at most': tidyKind(
    z.strictObject({ do: z.literal('at most'), characters: z.number().int().min(1).max(10_000) }),
    {
      label: 'shorten it',
      doc: 'Cuts it after so many characters, with an ellipsis.',
      apply: (value, { characters }) =>
        value.length <= characters ? value : `${value.slice(0, characters - 1).trimEnd()}…`,
      say: ({ characters }) => `at most ${characters} characters`,
    },
  ),
};

/** One step that makes a value of the words that were found. */
export const TidyStep = unionOf(kinds, 'do');
export type TidyStep = z.infer<typeof TidyStep>;
export type TidyKind = keyof typeof kinds;
type StepOf<K extends TidyKind> = { [P in K]: { do: P } & z.infer<(typeof kinds)[P]['schema']> }[K];

export const TIDY_KINDS: { [K in TidyKind]: TidyWork<StepOf<K>> & { schema: z.ZodObject } } = kinds;

/** The value after all steps, without blanks around it. */
export const applyTidy = (value: string, steps: readonly TidyStep[]): string =>
  steps.reduce((left, step) => applyStep(left, step).trim(), value.trim());

const applyStep = <K extends TidyKind>(value: string, step: StepOf<K>): string =>
  TIDY_KINDS[step.do].apply(value, step);

export const sayStep = <K extends TidyKind>(step: StepOf<K>): string => TIDY_KINDS[step.do].say(step);

const capital = (value: string) => value.charAt(0).toUpperCase() + value.slice(1);
const CASES = {
  lower: (value: string) => value.toLowerCase(),
  upper: (value: string) => value.toUpperCase(),
  'first capital': capital,
  'each capital': (value: string) => value.replace(/\p{L}[\p{L}'’]*/gu, capital),
};

/** Whole words only: “Mr” is no part of “Mrs”. */
function removeWords(value: string, words: string, from: 'start' | 'end' | 'anywhere'): string {
  const places = findWords(words)(fold(value)).filter(
    ({ start, end }) =>
      from === 'anywhere' ||
      (from === 'start' ? value.slice(0, start).trim() === '' : value.slice(end).trim() === ''),
  );
  const left = places
    .toReversed()
    .reduce((rest, { start, end }) => rest.slice(0, start) + rest.slice(end), value);
  return places.length === 0 ? value : left.replace(/ {2,}/g, ' ').trim();
}

/** All places, in any case. */
function replaceWords(value: string, find: string, by: string): string {
  const folded = fold(value);
  const wanted = fold(find);
  let made = '';
  let from = 0;
  for (let at = folded.indexOf(wanted); at !== -1; at = folded.indexOf(wanted, from)) {
    made += value.slice(from, at) + by;
    from = at + find.length;
  }
  return made + value.slice(from);
}
