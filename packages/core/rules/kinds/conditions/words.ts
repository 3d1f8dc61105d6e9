import { orList, quoted } from '../../../tasks/index.ts';
import { z } from 'zod';
import { findWords, fold, isOpen, tokensOf } from '../../../languages/index.ts';
import { MessageScopes, sayScope } from '../../message/scope.ts';
import { answer, conditionKind, type Terms } from './kind.ts';

export const words = conditionKind(
  z.strictObject({
    kind: z.literal('words'),
    in: MessageScopes,
    how: z.enum(['contain', 'equal', 'begin with']).default('contain'),
    words: z.array(z.string().trim().min(1)).min(1, 'Write some words.'),
  }),
  {
    label: 'words',
    doc: 'The subject, your note, the newest words, the whole text or a header contains one of these words or phrases, is equal to it or begins with it; in any case, as whole words (`invoic*` takes any ending).',
    compile: (condition) => {
      const finders = condition.words.map((each) => findWords(each, condition.how));
      return (view) => {
        const spans = condition.in.flatMap((scope) => {
          const folded = view.folded(scope);
          const places = finders.flatMap((find) => find(folded).slice(0, 1));
          return places.flatMap(({ start, end }) => view.text(scope).spans(start, end));
        });
        return answer(
          spans.length > 0,
          spans[0]?.quote ?? `none of them in ${condition.in.map(sayScope).join(', ')}`,
          spans,
        );
      };
    },
    say: (condition) => {
      const verb = { contain: 'has', equal: 'has just', 'begin with': 'begins with' }[condition.how];
      return `${verb} ${quoted(condition.words)} in ${orList(condition.in.map(sayScope))}`;
    },
    terms: (condition) =>
      condition.in.some((scope) => typeof scope === 'object')
        ? null
        : allOrNone(condition.words.map(termsOf)),
  },
);

/** The words that the message has to hold all of; of an open one its beginning. */
function termsOf(phrase: string): string[] {
  const tokens = tokensOf(fold(phrase));
  const open = isOpen(phrase) ? tokens.pop() : undefined;
  const stem = open !== undefined && open.length >= STEM ? [`stem ${open.slice(0, STEM)}`] : [];
  return [...tokens.map((token) => `word ${token}`), ...stem];
}

const STEM = 3;

/** The terms that a message has by the words of its subject and text. */
export const wordTerms = (folded: string): string[] =>
  [...new Set(tokensOf(folded))].flatMap((token) => [`word ${token}`, `stem ${token.slice(0, STEM)}`]);

const allOrNone = (terms: Terms): Terms | null => (terms.every((each) => each.length > 0) ? terms : null);
