import { orList } from '../../../tasks/index.ts';
import { z } from 'zod';
import { compilePattern, Pattern } from '../../message/pattern.ts';
import { MessageScopes, sayScope } from '../../message/scope.ts';
import { answer, conditionKind } from './kind.ts';

export const pattern = conditionKind(
  z.strictObject({ kind: z.literal('pattern'), in: MessageScopes, pattern: Pattern }),
  {
    label: 'pattern',
    doc: 'The subject, your note, the newest words, the whole text or a header matches a pattern (the syntax of RE2; upper and lower case are the same).',
    compile: (condition) => {
      const compiled = compilePattern(condition.pattern);
      return (view) => {
        const spans = condition.in.flatMap((scope) => {
          const { value, spans: spansOf } = view.text(scope);
          const [first] = compiled.matches(value);
          return first ? spansOf(first.start, first.end) : [];
        });
        return answer(spans.length > 0, spans[0]?.quote ?? 'no match', spans);
      };
    },
    say: (condition) => `matches ${condition.pattern} in ${orList(condition.in.map(sayScope))}`,
  },
);
