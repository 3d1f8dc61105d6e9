import { traceArrival, type ArrivalSheet, type Trace } from '@hatband/contract';
import type { DateFact, EventFact } from '@hatband/core/reading';
import { sayTrace } from '@hatband/core/rules';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { call } from '../api/call.ts';
import { dayText, useClock } from '../shared/clock.ts';
import { ErrorLine } from '../shared/page/Page.tsx';
import css from './ReadingSheet.module.css';
import { LinkButton } from '../shared/page/LinkButton.tsx';

/** Every condition and reading that was tried, in plain sentences, and the dates that were weighed. */
export function Why({ sheet }: { sheet: ArrivalSheet }) {
  const { id } = sheet.arrival;
  const { data, error } = useQuery({
    queryKey: ['arrivals', 'trace', id],
    queryFn: () => call(traceArrival, { params: { id } }),
  });
  const [now, setNow] = useState(false);
  const shown = (now ? null : data?.then) ?? data?.now;
  return (
    <div className={css.why}>
      <ErrorLine error={error} />
      {data?.then && (
        <LinkButton
          onClick={() => {
            setNow(!now);
          }}
        >
          {now ? 'as it was when it came' : 'all rules as they are now'}
        </LinkButton>
      )}
      {shown && <TraceList trace={shown} />}
      <Dates dates={sheet.read?.dates ?? []} deadline={sheet.read?.deadline ?? null} />
      <Events events={sheet.read?.events ?? []} />
    </div>
  );
}

function TraceList({ trace }: { trace: Trace }) {
  return (
    <ul>
      {sayTrace(trace).map(({ mark, text, depth }, i) => (
        <li
          key={i}
          className={mark === null ? undefined : mark ? css.yes : css.no}
          style={{ marginLeft: depth * 16 }}
        >
          {mark === null ? (
            <b style={{ gridColumn: '1 / -1', marginTop: 4 }}>{text}</b>
          ) : (
            <Line mark={mark} text={text} />
          )}
        </li>
      ))}
    </ul>
  );
}

function Line({ mark, text }: { mark: boolean; text: string }) {
  return (
    <>
      <span aria-label={mark ? 'yes' : 'no'}>{mark ? '✓' : '–'}</span>
      <span>{text}</span>
    </>
  );
}

function Dates({ dates, deadline }: { dates: readonly DateFact[]; deadline: number | null }) {
  const clock = useClock();
  if (dates.length === 0) return null;
  return (
    <>
      <h3>Dates in the message</h3>
      <ul>
        {dates.map((date, i) => (
          <li key={i} className={i === deadline ? css.yes : css.no}>
            <Line
              mark={i === deadline}
              text={`“${date.spans.map((s) => s.quote).join('')}”: ${dayText(date.date, clock.today)}, ${sayVerdict(date, i === deadline)}`}
            />
          </li>
        ))}
      </ul>
    </>
  );
}

/** What takes place, where more than its day is said of it. */
function Events({ events }: { events: readonly EventFact[] }) {
  const clock = useClock();
  const told = events.filter(({ summary, ends, place, participants }) =>
    [summary, ends, place, ...participants].some(Boolean),
  );
  if (told.length === 0) return null;
  return (
    <>
      <h3>Events in the message</h3>
      <ul>
        {told.map((event, i) => (
          <li key={i}>
            <span />
            <span>{sayEvent(event, clock.today)}</span>
          </li>
        ))}
      </ul>
    </>
  );
}

function sayEvent({ summary, starts, ends, place, participants }: EventFact, today: string): string {
  const [day, hour] = ends?.split('T') ?? [];
  const until = starts.slice(0, 10) === day && hour !== undefined ? hour : ends && dayText(ends, today);
  const when = [dayText(starts, today), until].filter(Boolean).join(' to ');
  const people = participants.length > 0 ? `with ${participants.join(', ')}` : '';
  return [summary, when, place ?? '', people].filter(Boolean).join(', ');
}

function sayVerdict({ verdict, reasons }: DateFact, chosen: boolean): string {
  const because = reasons
    .map((r) => `“${r.words}” ${r.weight > 0 ? '+' : '−'}${String(Math.abs(r.weight))}`)
    .join(', ');
  const what =
    verdict === 'deadline'
      ? chosen
        ? 'the deadline'
        : 'a deadline, but another was taken'
      : verdict === 'event'
        ? 'an event, no deadline'
        : 'no deadline';
  return because === '' ? what : `${what} (${because})`;
}
