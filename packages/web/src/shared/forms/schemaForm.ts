import { z } from 'zod';

/** How a part of a kind is written in the editor. */
export type Control =
  | { type: 'words' }
  | { type: 'scopes'; own: boolean }
  | { type: 'choices'; options: string[] }
  | { type: 'choice'; options: string[]; optional: boolean }
  | { type: 'text'; optional: boolean }
  | { type: 'number'; optional: boolean }
  | { type: 'yes' }
  | { type: 'value' };

export interface FormPart {
  name: string;
  control: Control;
}

/** Parts that have an editor of their own, or none. */
const APART = new Set(['id', 'tidy']);

/** The parts of a kind, from its schema: so that a new kind has an editor without a line of code for it. */
export function partsOf(schema: z.ZodObject): FormPart[] {
  return Object.entries(schema.shape)
    .filter(([name, part]) => !APART.has(name) && !(part instanceof z.ZodLiteral))
    .map(([name, part]) => ({ name, control: controlOf(name, part) }));
}

function controlOf(name: string, part: unknown): Control {
  const { inner, optional } = unwrap(part);
  if (inner instanceof z.ZodEnum) return { type: 'choice', options: inner.options.map(String), optional };
  if (inner instanceof z.ZodNumber) return { type: 'number', optional };
  if (inner instanceof z.ZodBoolean) return { type: 'yes' };
  if (inner instanceof z.ZodUnion) return { type: 'value' };
  if (inner instanceof z.ZodArray) {
    const { inner: element } = unwrap(inner.def.element);
    if (element instanceof z.ZodEnum) return { type: 'choices', options: element.options.map(String) };
    if (name === 'in') return { type: 'scopes', own: offersOwn(element) };
    return { type: 'words' };
  }
  return { type: 'text', optional };
}

/** Whether an item's own words are one of the places to look. */
function offersOwn(scope: unknown): boolean {
  return (
    scope instanceof z.ZodUnion &&
    scope.def.options.some((each) => each instanceof z.ZodEnum && each.options.includes('item'))
  );
}

function unwrap(part: unknown): { inner: unknown; optional: boolean } {
  if (part instanceof z.ZodNullable) return { inner: unwrap(part.def.innerType).inner, optional: true };
  if (part instanceof z.ZodDefault || part instanceof z.ZodPrefault) return unwrap(part.def.innerType);
  if (part instanceof z.ZodPipe) return unwrap(part.def.in);
  return { inner: part, optional: false };
}

/**
 * What a thing starts as: its defaults, and empty where it has none. Its type is the schema's, though the schema may still
 * refuse it: that is told until it is written.
 */
export function emptyOf<S extends z.ZodObject>(schema: S, kind: string): z.infer<S> {
  const parts = Object.entries<unknown>(schema.shape).map(([name, part]): [string, unknown] => {
    if (part instanceof z.ZodLiteral) return [name, kind];
    if (part instanceof z.ZodDefault || part instanceof z.ZodPrefault) return [name, part.parse(undefined)];
    return [name, EMPTY[controlOf(name, part).type](part)];
  });
  return Object.fromEntries(parts) as z.infer<S>;
}

/** The schema of one kind of a union of kinds. */
export function schemaIn(union: z.ZodDiscriminatedUnion, kind: string): z.ZodObject {
  const { discriminator, options } = union.def;
  const found = options.find((option) => {
    const part: unknown = option instanceof z.ZodObject ? option.shape[discriminator] : null;
    return part instanceof z.ZodLiteral && part.value === kind;
  });
  if (found instanceof z.ZodObject) return found;
  throw new Error(`There is no kind ${kind}.`);
}

/** What one kind of a union of kinds starts as. */
export const emptyIn = <U extends z.ZodDiscriminatedUnion>(union: U, kind: string): z.infer<U> =>
  emptyOf(schemaIn(union, kind), kind) as z.infer<U>;

const firstOption = (part: unknown) => {
  const { inner } = unwrap(part);
  return inner instanceof z.ZodEnum ? inner.options[0] : '';
};

const EMPTY: Record<Control['type'], (part: unknown) => unknown> = {
  words: () => [],
  scopes: () => [],
  choices: () => [],
  choice: firstOption,
  text: () => '',
  number: () => 0,
  yes: () => false,
  value: () => '',
};

/** What a part is called in front of its control; a part without words of its own goes by its name. */
const WORDS: Readonly<Record<string, string>> = {
  is: 'any of',
  how: 'they',
  words: 'words',
  in: 'look in',
  contain: 'with the words',
  labels: 'label',
  names: 'heading',
  beginWith: 'begin with',
  atLeast: 'at least',
  largerThan: 'larger than (bytes)',
  type: 'media type',
  within: 'within (days)',
  over: 'over',
  under: 'under',
  upTo: 'until the',
  as: 'as',
  of: 'of',
  part: 'which part',
  table: 'table',
  from: 'start from',
  plus: 'days or weeks after (− before)',
  unit: '',
  to: 'then the next',
  offDays: 'if it is not a working day',
  time: 'at (time)',
  pattern: 'pattern',
  group: 'group',
  text: 'text',
  value: 'value',
  with: 'by',
  find: 'words',
  characters: 'characters',
  decimal: 'decimal mark',
};

/** Where a kind means another thing by a part than most. */
const OF_KIND: Readonly<Record<string, string>> = {
  'case.to': 'as',
  'remove.words': 'words',
  'remove.from': 'at the',
  'replace.find': 'replace',
  'replace.with': 'with',
  'at most.characters': 'characters',
  'send.to': 'to',
  'move.to': 'to the folder',
  'arrival.from': 'from (time)',
  'arrival.to': 'until (time)',
};

/** The label of a part; some kinds have their own. */
export const labelOf = (name: string, kind = '') => OF_KIND[`${kind}.${name}`] ?? WORDS[name] ?? name;

/** Choices that read better in other words than the file of rules has for them. */
const OPTIONS: Readonly<Record<string, string>> = {
  '.': 'point, as in 1.50',
  ',': 'comma, as in 1,50',
  stay: 'keep that day',
  'move later': 'use the next working day',
  'move earlier': 'use the working day before',
};

export const optionWords = (option: string) => OPTIONS[option] ?? option;

export const asOptions = (names: readonly string[]) =>
  names.map((name) => ({ value: name, label: optionWords(name) }));
