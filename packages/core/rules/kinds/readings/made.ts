import { z } from 'zod';
import { countDay, DAY_SOURCES, DayCount, LocalDate, sayCount } from '../../../dates/index.ts';
import { nameKey, Value, wordsOfValue } from '../../../tasks/index.ts';
import { compileTemplate, fieldIn, Template } from '../template.ts';
import type { Found, ReadInput } from '../../message/unit.ts';
import { deadlineFound } from './facts.ts';
import { oneOrNone, readingBase, readingKind } from './kind.ts';

export const fixed = readingKind(z.strictObject({ ...readingBase, kind: z.literal('fixed'), value: Value }), {
  label: 'a fixed value',
  doc: 'A value that you write here; it shows no place in the message.',
  compile:
    ({ value }) =>
    () => ({ found: [{ value, spans: [] }], absent: 'a value' }),
  say: ({ value }) => `always “${wordsOfValue(value)}”`,
});

export const template = readingKind(
  z.strictObject({ ...readingBase, kind: z.literal('template'), text: Template }),
  {
    label: 'a text made of fields',
    doc: 'A text with other fields in it, in the language of Liquid: `{{ title }}`, `{{ fields["Object no."] }}`, `{{ mail.subject }}`, `{{ mail.from.name }}`, `{{ mail.from.address }}`, `{{ mail.sent }}`, `{{ mail.arrived }}`. Where none of its fields has a value it finds nothing.',
    compile: ({ text }) => {
      const compiled = compileTemplate(text);
      return (input) => {
        const named = compiled.fields.flatMap((field) => fieldIn(field, input) ?? []);
        const empty = compiled.fields.length > 0 && named.length === 0;
        const value = empty ? '' : compiled.render(input);
        return oneOrNone(
          { value, spans: named.flatMap(({ spans }) => spans) },
          'a value for any of its fields',
        );
      };
    },
    say: ({ text }) => `the text “${text}”`,
    needs: ({ text }) => compileTemplate(text).fields,
  },
);

export const day = readingKind(
  z.strictObject({ ...readingBase, kind: z.literal('day'), ...DayCount.shape }),
  {
    label: 'a date calculated from another',
    doc: 'A day counted from the `deadline` read, the day of `arrival`, the day it was `sent`, a fixed day or another field (`from`): so many `days`, `working days`, `weeks` or `months` on or back (`plus`, `unit`), on to the next weekday, the `end of the month` or the `last working day of the month` (`to`), off days left or moved (`offDays`), at a time of day (`time`).',
    compile: (count, { calendar }) => {
      return (input) => {
        const start = startOf(count.from, input);
        if (!start) return { found: [], absent: `a day to count from (${count.from})` };
        return oneOrNone({ value: countDay(start.date, count, calendar), spans: start.spans }, 'a day');
      };
    },
    say: sayCount,
    needs: ({ from }) => (isField(from) || from === 'deadline' ? [from] : []),
  },
);

const isField = (from: string) =>
  !DAY_SOURCES.some((name) => name === from) && !LocalDate.safeParse(from).success;

function startOf(from: string, input: ReadInput): { date: LocalDate; spans: Found['spans'] } | null {
  const { delivery, reading } = input.view.incoming;
  if (from === 'arrival') return { date: delivery.at, spans: [] };
  if (from === 'sent') {
    const sent = reading.anatomy.sentAt ?? reading.message.sentAt;
    return sent === null ? null : { date: sent.slice(0, 16), spans: [] };
  }
  // A rule that reads the field “deadline” itself means that one.
  const own = input.read.get(nameKey(from));
  const found = own ?? (from === 'deadline' ? deadlineFound(input) : null);
  const date = LocalDate.safeParse(found ? found.value : from);
  return date.success ? { date: date.data, spans: found?.spans ?? [] } : null;
}
