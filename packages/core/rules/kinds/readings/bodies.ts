import { z } from 'zod';
import { wordsOf } from '../../../anatomy/index.ts';
import type { Reading } from '../../../reading/index.ts';
import { withoutShorthand } from '../../message/shorthand.ts';
import type { ReadInput } from '../../message/unit.ts';
import { oneOrNone, readingBase, readingKind } from './kind.ts';

function words(scope: 'note' | 'newest', { view, shorthand }: ReadInput) {
  const text = view.text(scope);
  const left = withoutShorthand(text.spans(0, text.value.length), shorthand);
  return { value: left.words, spans: left.spans };
}

export const newest = readingKind(z.strictObject({ ...readingBase, kind: z.literal('newest') }), {
  label: 'the newest words',
  doc: 'The newest message in it that is not yours, without signature and history.',
  compile: () => (input) => oneOrNone(words('newest', input), 'any newest words'),
  say: () => 'the newest words',
});

export const note = readingKind(z.strictObject({ ...readingBase, kind: z.literal('note') }), {
  label: 'your note',
  doc: 'What you wrote above a message that you forwarded.',
  compile: () => (input) => oneOrNone(words('note', input), 'a note of yours'),
  say: () => 'your note',
});

export const message = readingKind(
  z.strictObject({
    ...readingBase,
    kind: z.literal('message'),
    as: z.enum(['text', 'markdown']).default('text'),
  }),
  {
    label: 'the whole message',
    doc: 'All of its text as it stands, or as Markdown: note and newest words, who wrote them and when, what is quoted as a quotation, the names of its attachments.',
    compile:
      ({ as }) =>
      ({ view }) => {
        const { reading } = view.incoming;
        const text = view.text('whole');
        const value = as === 'text' ? text.value.trim() : markdownOf(reading);
        return oneOrNone({ value, spans: text.spans(0, text.value.length) }, 'any text');
      },
    say: ({ as }) => `the whole message${as === 'markdown' ? ' as Markdown' : ''}`,
  },
);

/** A message as Markdown (CommonMark). */
function markdownOf({ message: { text, attachments, subject }, anatomy }: Reading): string {
  const { who, sentAt } = anatomy;
  const head = [who?.name || who?.address, sentAt?.slice(0, 10)].filter(Boolean).join(', ');
  const history = wordsOf(text, anatomy, 'history');
  return [
    wordsOf(text, anatomy, 'note'),
    head === '' ? '' : `**${head}:** ${subject}`,
    wordsOf(text, anatomy, 'latest'),
    history === '' ? '' : history.replace(/^(?!>)/gm, '> '),
    attachments.map(({ name }) => `- ${name}`).join('\n'),
  ]
    .filter((part) => part !== '')
    .join('\n\n');
}
