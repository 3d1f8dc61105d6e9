import { casual, GB } from 'chrono-node/en';
import type { Language } from '../languages/index.ts';
import { dayOf } from './day.ts';
import type { DateOptions } from './phrase.ts';
import type { Phrase } from './phrases.ts';

const COUNTED = /\b(?:days?|weeks?|months?)\s+(?:after|before)\s/i;

/** Days that an English sentence counts from another (“two days before 12 June”), as chrono-node reads them. */
export function chronoDays(sentence: string, options: DateOptions, language: Language): Phrase[] {
  if (language.code !== 'en' || !COUNTED.test(sentence)) return [];
  const parser = options.dateOrder === 'MDY' ? casual : GB;
  const instant = new Date(`${options.reference.slice(0, 16)}:00Z`);
  return parser
    .parse(sentence, { instant, timezone: 0 }, { forwardDate: true })
    .flatMap(({ index, text, start }) => {
      const day = dayOf(start.get('year') ?? 0, start.get('month') ?? 0, start.get('day') ?? 0);
      if (day === null || !COUNTED.test(text)) return [];
      const end = index + text.trimEnd().length;
      return [
        {
          start: index,
          end,
          day,
          grain: 'day' as const,
          fixed: true,
          weak: false,
          time: null,
          zone: null,
          hours: false,
          until: null,
          dayless: false,
          disagrees: false,
        },
      ];
    });
}
