import { orList } from '../../../tasks/index.ts';
import { z } from 'zod';
import { answer, conditionKind } from './kind.ts';

const NAMES = {
  en: 'English',
  de: 'German',
  fr: 'French',
  es: 'Spanish',
  pt: 'Portuguese',
  it: 'Italian',
  nl: 'Dutch',
  sv: 'Swedish',
} as const;
const Code = z.enum(['en', 'de', 'fr', 'es', 'pt', 'it', 'nl', 'sv']);

export const language = conditionKind(
  z.strictObject({ kind: z.literal('language'), is: z.array(Code).min(1, 'Choose a language.') }),
  {
    label: 'language',
    doc: 'Its newest words are in one of these languages: `en`, `de`, `fr`, `es`, `pt`, `it`, `nl`, `sv`.',
    compile:
      ({ is }) =>
      (view) => {
        const code = Code.safeParse(view.language()).data ?? null;
        return answer(
          code !== null && is.includes(code),
          code === null ? 'no language that is known' : NAMES[code],
        );
      },
    say: ({ is }) => `is written in ${orList(is.map((code) => NAMES[code]))}`,
  },
);
