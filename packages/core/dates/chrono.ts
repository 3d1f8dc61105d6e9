import { casual, GB } from 'chrono-node/en';
import type { Language } from '../languages/index.ts';
import { dayOf } from './day.ts';
import type { DateOptions } from './phrase.ts';
import type { Phrase } from './phrases.ts';

/** “a week from Monday”, “two days before 12 June” */
const SPAN_AROUND =
  /\b(?:days?|weeks?|months?)\s+(?:from|after|before|on)\s+(?:next\s+|the\s+)?(?:\d|mon|tue|wed|thu|fri|sat|sun|jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)/i;

/** Days in an English sentence that our own rules do not know, as chrono-node reads them (“a week from Monday”). */
export function chronoDays(sentence: string, options: DateOptions, language: Language): Phrase[] {
  if (language.code !== 'en' || !SPAN_AROUND.test(sentence)) return [];
  const parser = options.dateOrder === 'MDY' ? casual : GB;
  const instant = new Date(`${options.reference.slice(0, 16)}:00Z`);
  return parser
    .parse(sentence, { instant, timezone: 0 }, { forwardDate: true })
    .flatMap(({ index, text, start }) => {
      const day = dayOf(start.get('year') ?? 0, start.get('month') ?? 0, start.get('day') ?? 0);
      const named = start.isCertain('day') || start.isCertain('weekday');
      if (day === null || !named) return [];
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
          dayless: false,
          disagrees: false,
        },
      ];
    });
}
