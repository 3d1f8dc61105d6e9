import { dayText } from '@hatband/core/dates';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { health } from '../api/queries.ts';

export { dayText };

export interface ClockView {
  /** Today in the user's zone, `2026-11-24`. */
  today: string;
  /** `14 s ago`, `3 min ago`, `yesterday 17:20`, `Fri 20 Nov`. */
  ago: (instant: string) => string;
  /** `14:02`, in the user's zone. */
  time: (instant: string) => string;
  /** The day of an instant in the user's zone, `2026-11-24`. */
  dayOf: (instant: string) => string;
}

const TICK_MS = 10_000;

/** The server's clock and the user's zone; ticks every ten seconds. */
export function useClock(): ClockView {
  const { data, dataUpdatedAt } = useQuery(health);
  const [here, setHere] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => {
      setHere(Date.now());
    }, TICK_MS);
    return () => {
      clearInterval(timer);
    };
  }, []);
  const now = data ? Date.parse(data.now) + Math.max(0, here - dataUpdatedAt) : here;
  return clockView(now, data?.zone ?? 'UTC');
}

function clockView(now: number, zone: string): ClockView {
  const dayOf = (instant: string | number) =>
    new Date(instant).toLocaleDateString('sv-SE', { timeZone: zone });
  const time = (instant: string) =>
    new Date(instant).toLocaleTimeString('en-GB', { timeZone: zone, hour: '2-digit', minute: '2-digit' });
  const today = dayOf(now);
  const ago = (instant: string) => {
    const seconds = Math.max(0, Math.round((now - Date.parse(instant)) / 1000));
    if (seconds < 60) return `${String(seconds)} s ago`;
    if (seconds < 3600) return `${String(Math.floor(seconds / 60))} min ago`;
    if (dayOf(instant) === today) return `at ${time(instant)}`;
    return dayOf(instant) === dayOf(now - 86_400_000)
      ? `yesterday ${time(instant)}`
      : dayText(dayOf(instant), today);
  };
  return { today, ago, time, dayOf };
}

/** `Tuesday 24 November`, as a heading. */
export function dayHeading(date: string, today: string): string {
  const day = new Date(`${date}T00:00:00Z`);
  const text = day.toLocaleDateString('en-GB', {
    timeZone: 'UTC',
    weekday: 'long',
    day: 'numeric',
    month: 'long',
  });
  if (date === today) return `Today, ${text}`;
  return date.slice(0, 4) === today.slice(0, 4) ? text : `${text} ${date.slice(0, 4)}`;
}
