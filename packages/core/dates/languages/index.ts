import { en } from './en.ts';
import type { DateLanguage } from './language.ts';

export type { DateLanguage };
export const DATE_LANGUAGES: readonly DateLanguage[] = [en];
