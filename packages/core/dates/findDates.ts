import { CUES } from './cues.ts';
import { judge } from './deadline.ts';
import type { DateOrder, DatePhrase } from './phrase.ts';
import { chronoResults, offsetText, resolve, type DateOptions } from './resolve.ts';
import { sentencesOf } from './sentences.ts';

/** More sentences with dates than this are data, not a letter. */
const MOST_SENTENCES = 500;

/** All date phrases of a text, each with its day and whether it is a deadline and why. */
export function findDates(text: string, options: DateOptions): DatePhrase[] {
  return sentencesOf(text)
    .filter((sentence) => /\d/.test(sentence.text) || CUES.dateWord.test(sentence.text))
    .slice(0, MOST_SENTENCES)
    .flatMap((sentence) => datesIn(sentence.text, options).map((found) => moved(found, sentence.start)));
}

function datesIn(sentence: string, options: DateOptions): DatePhrase[] {
  return chronoResults(sentence, options.reference, options.dateOrder).flatMap((result) => {
    const resolved = resolve(result, options);
    if (!resolved) return [];
    // The phrase “on Saturday,” ends before its comma.
    const end = result.index + result.text.replace(/[\s,.;]+$/, '').length;
    const clockRange = result.end?.isCertain('hour') ?? false;
    const { lead, ...judgement } = judge(sentence, result.index, end, clockRange);
    return [{ start: result.index - lead, end, ...resolved, ...judgement }];
  });
}

function moved(phrase: DatePhrase, by: number): DatePhrase {
  return { ...phrase, start: phrase.start + by, end: phrase.end + by };
}

/** The first full date and time in a heading (`Mon, 23 Nov 2026 at 16:48`), with an offset only where one is stated. */
export function readStatedTime(text: string, dateOrder: DateOrder): { iso: string; end: number } | null {
  const line = text.slice(0, 300);
  const result = chronoResults(line, '2000-01-01T00:00', dateOrder).find(
    (r) => r.start.isCertain('day') && r.start.isCertain('year'),
  );
  if (!result) return null;
  const { start } = result;
  const get = (name: 'year' | 'month' | 'day' | 'hour' | 'minute' | 'second') => start.get(name) ?? 0;
  const time = start.isCertain('hour')
    ? ([get('hour'), get('minute'), get('second')] as const)
    : ([0, 0, 0] as const);
  const clock = new Date(Date.UTC(get('year'), get('month') - 1, get('day'), ...time));
  const offset = start.isCertain('timezoneOffset') ? offsetText(start.get('timezoneOffset') ?? 0) : '';
  return { iso: `${clock.toISOString().slice(0, 19)}${offset}`, end: result.index + result.text.length };
}
