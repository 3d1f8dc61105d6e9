import { z } from 'zod';
import { shortTitle } from '../../../tasks/index.ts';
import { titleWithoutShorthand, withoutShorthand } from '../../message/shorthand.ts';
import type { Found, ReadInput } from '../../message/unit.ts';
import { oneOrNone, readingBase, readingKind } from './kind.ts';

/** Of an item its title; else the built-in title, without the rule's shorthand. */
export const title = readingKind(z.strictObject({ ...readingBase, kind: z.literal('title') }), {
  label: 'what it asks for',
  doc: 'Your own title where you gave one, else the request as a short phrase that begins with its verb, else the subject; of an item its title.',
  compile: () => (input) => {
    const { unit, view } = input;
    const { title: whole } = view.incoming.reading.facts;
    const fact = unit.kind === 'item' ? { value: unit.item.title, spans: unit.item.spans.title } : whole;
    return oneOrNone(titleFound(fact, input, whole.source.endsWith('subject')), 'a request or a subject');
  },
  say: () => 'what it asks for',
});

export const subject = readingKind(z.strictObject({ ...readingBase, kind: z.literal('subject') }), {
  label: 'the subject',
  doc: 'The subject without prefixes such as `Re:` and `Fwd:`, without list tags in brackets and without shorthand.',
  compile: () => (input) =>
    oneOrNone(titleFound(input.view.incoming.reading.facts.subject, input, true), 'a subject'),
  say: () => 'the subject',
});

function titleFound(
  fact: { value: string; spans: Found['spans'] },
  input: ReadInput,
  isSubject: boolean,
): Found {
  const isCut =
    isSubject && input.shorthand.some(({ whole }) => whole.some(({ part }) => part === 'subject'));
  if (!isCut)
    return { value: shortTitle(titleWithoutShorthand(fact.value, input.shorthand)), spans: fact.spans };
  const { words, spans } = withoutShorthand(fact.spans, input.shorthand);
  return { value: shortTitle(words), spans };
}

export const deadline = readingKind(z.strictObject({ ...readingBase, kind: z.literal('deadline') }), {
  label: 'the deadline in the words',
  doc: 'The day by which the message wants something: your note before the newest words, the earliest of several; of an item its own.',
  compile: () => (input) => oneOrNone(deadlineFound(input), 'a deadline'),
  say: () => 'the deadline in the words',
});

export function deadlineFound({ unit, view }: Pick<ReadInput, 'unit' | 'view'>): Found | null {
  if (unit.kind === 'item')
    return unit.item.due === null ? null : { value: unit.item.due, spans: unit.item.spans.due };
  const { deadline: index, dates } = view.incoming.reading.facts;
  const fact = index === null ? undefined : dates[index];
  return fact ? { value: fact.date, spans: fact.spans } : null;
}

export const priority = readingKind(z.strictObject({ ...readingBase, kind: z.literal('priority') }), {
  label: 'the priority in the words',
  doc: 'Words such as “urgent” or “no rush” in your note, the subject or the newest words, else the importance that the mail was sent with.',
  compile:
    () =>
    ({ unit, view }) => {
      const whole = view.incoming.reading.facts.priority;
      const own = unit.kind === 'item' ? unit.item.priority : (whole?.value ?? null);
      const spans = unit.kind === 'item' ? unit.item.spans.priority : (whole?.spans ?? []);
      return oneOrNone(own === null ? null : { value: own, spans }, 'a word about its urgency');
    },
  say: () => 'the priority in the words',
});

export const owner = readingKind(z.strictObject({ ...readingBase, kind: z.literal('owner') }), {
  label: 'the owner of the item',
  doc: 'Whom an item of the message names as the one who does it.',
  compile:
    () =>
    ({ unit }) =>
      oneOrNone(
        unit.kind === 'item' && unit.item.owner !== null
          ? { value: unit.item.owner, spans: unit.item.spans.owner }
          : null,
        'an owner',
      ),
  say: () => 'the owner of the item',
});

export const below = readingKind(z.strictObject({ ...readingBase, kind: z.literal('below') }), {
  label: 'the lines below the item',
  doc: 'What stands below an item of the message and belongs to it.',
  compile:
    () =>
    ({ unit }) =>
      oneOrNone(
        unit.kind === 'item' ? { value: unit.item.notes, spans: [] } : null,
        'anything below the item',
      ),
  say: () => 'the lines below the item',
});
