import { z } from 'zod';
import { fold } from '../languages/index.ts';
import { findWords } from './words.ts';

const words = z.array(z.string().min(1)).min(1, 'Write some words.');

/** One step that makes a value of the words that were found. */
export const TidyStep = z.discriminatedUnion('do', [
  z.strictObject({
    do: z.literal('remove'),
    words,
    from: z.enum(['start', 'end', 'anywhere']).default('start'),
  }),
  z.strictObject({
    do: z.literal('replace'),
    find: z.string().min(1, 'Write what to replace.'),
    with: z.string(),
  }),
  z.strictObject({ do: z.literal('case'), to: z.enum(['lower', 'upper', 'first capital', 'each capital']) }),
  z.strictObject({ do: z.literal('first line') }),
  z.strictObject({ do: z.literal('first sentence') }),
  z.strictObject({ do: z.literal('at most'), characters: z.number().int().min(1).max(10_000) }),
]);
export type TidyStep = z.infer<typeof TidyStep>;

const capital = (value: string) => value.charAt(0).toUpperCase() + value.slice(1);
const CASES: Record<Extract<TidyStep, { do: 'case' }>['to'], (value: string) => string> = {
  lower: (value) => value.toLowerCase(),
  upper: (value) => value.toUpperCase(),
  'first capital': capital,
  'each capital': (value) => value.replace(/\p{L}[\p{L}'’]*/gu, capital),
};

/** The value after all steps, without blanks around it. */
export const tidy = (value: string, steps: readonly TidyStep[]): string =>
  steps.reduce((left, step) => applyStep(left, step).trim(), value.trim());

function applyStep(value: string, step: TidyStep): string {
  switch (step.do) {
    case 'remove':
      return step.words.reduce((left, each) => removeWords(left, each, step.from), value);
    case 'replace':
      return replaceWords(value, step.find, step.with);
    case 'case':
      return CASES[step.to](value);
    case 'first line':
      return value.split('\n')[0] ?? '';
    case 'first sentence':
      return /^[\s\S]*?[.!?](?=\s|$)/.exec(value)?.[0] ?? value.split('\n')[0] ?? '';
    case 'at most':
      return value.length <= step.characters ? value : `${value.slice(0, step.characters - 1).trimEnd()}…`;
  }
}

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

/** A step in words, “the first sentence of it”. */
export function sayStep(step: TidyStep): string {
  switch (step.do) {
    case 'remove':
      return `without “${step.words.join('”, “')}”${step.from === 'anywhere' ? '' : ` at its ${step.from}`}`;
    case 'replace':
      return `with “${step.with}” for “${step.find}”`;
    case 'case':
      return `in ${step.to === 'lower' || step.to === 'upper' ? `${step.to} case` : step.to.replace('capital', 'capitals')}`;
    case 'at most':
      return `at most ${step.characters} characters`;
    default:
      return `the ${step.do} of it`;
  }
}
