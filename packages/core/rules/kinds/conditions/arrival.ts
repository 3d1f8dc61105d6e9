import { orList } from '../../../tasks/index.ts';
import { z } from 'zod';
import { LocalDate } from '../../../dates/index.ts';
import { answer, conditionKind } from './kind.ts';

const WEEKDAYS = ['sunday', 'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday'] as const;
const Clock = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'A time of day, as in 08:30.');
const Day = LocalDate.refine((day) => day.length === 10, 'A day, as in 2026-12-07.');

export const arrival = conditionKind(
  z.strictObject({
    kind: z.literal('arrival'),
    on: z.array(z.enum(WEEKDAYS)).default([]),
    from: Clock.nullable().default(null),
    to: Clock.nullable().default(null),
    after: Day.nullable().default(null),
    before: Day.nullable().default(null),
  }),
  {
    label: 'time of arrival',
    doc: 'When it arrived: on these days of the week, from a time of day to another (`18:00` to `08:00` is a night), after or before a day; what is left out does not matter.',
    compile:
      (condition) =>
      ({ incoming: { delivery } }) =>
        answer(fits(condition, delivery.at), delivery.at.replace('T', ' ')),
    say: ({ on, from, to, after, before }) =>
      [
        'arrives',
        ...(on.length === 0
          ? []
          : [`on ${orList(on.map((day) => day.charAt(0).toUpperCase() + day.slice(1)))}`]),
        ...(from === null ? [] : [`from ${from} on`]),
        ...(to === null ? [] : [`before ${to}`]),
        ...(after === null ? [] : [`after ${after}`]),
        ...(before === null ? [] : [`before ${before}`]),
      ].join(' '),
  },
);

interface Span {
  on: readonly string[];
  from: string | null;
  to: string | null;
  after: string | null;
  before: string | null;
}

function fits({ on, from, to, after, before }: Span, at: string): boolean {
  const day = at.slice(0, 10);
  const time = at.slice(11) || '00:00';
  const weekday = WEEKDAYS[new Date(`${day}T00:00:00Z`).getUTCDay()] ?? '';
  const start = from ?? '00:00';
  const end = to ?? '24:00';
  const inHours = start < end ? time >= start && time < end : time >= start || time < end;
  return (
    (on.length === 0 || on.includes(weekday)) &&
    inHours &&
    (after === null || day > after) &&
    (before === null || day < before)
  );
}
