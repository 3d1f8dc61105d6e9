import type { CalendarEvent } from './message.ts';

/** The first `most` appointments (VEVENT) of a calendar part (RFC 5545, sections 3.1 and 3.6.1). */
export function calendarEvents(text: string, most: number): CalendarEvent[] {
  const lines = text.replace(/\r?\n[ \t]/g, '').split(/\r?\n/);
  const events: CalendarEvent[] = [];
  let open: Map<string, string> | null = null;
  let people = new Set<string>();
  for (const line of lines) {
    if (/^BEGIN:VEVENT/i.test(line)) [open, people] = [new Map(), new Set()];
    else if (/^END:VEVENT/i.test(line) && open) {
      const event = eventOf(open, [...people]);
      if (event) events.push(event);
      if (events.length >= most) return events;
      open = null;
    } else if (open) {
      const found = /^([A-Z-]+)(?:;[^:]*)?:(.*)$/i.exec(line.slice(0, 2000));
      const name = (found?.[1] ?? '').toUpperCase();
      if (name === 'ATTENDEE' || name === 'ORGANIZER') people.add(attendee(line));
      else if (found) open.set(name, (found[2] ?? '').replace(/\\n/gi, ' ').replace(/\\([,;\\])/g, '$1'));
    }
  }
  return events;
}

/** The name of somebody who is asked (CN), else his address (RFC 5545, section 3.8.4.1). */
const attendee = (line: string) =>
  /;CN="?([^";:]+)/i.exec(line)?.[1] ?? /mailto:(\S+)/i.exec(line)?.[1] ?? line;

function eventOf(values: ReadonlyMap<string, string>, participants: string[]): CalendarEvent | null {
  const starts = dateTime(values.get('DTSTART') ?? '');
  if (starts === null) return null;
  return {
    summary: values.get('SUMMARY') ?? '',
    starts,
    ends: dateTime(values.get('DTEND') ?? ''),
    place: values.get('LOCATION') ?? null,
    participants,
  };
}

/** `20260305T170000Z` → `2026-03-05T17:00Z` */
function dateTime(value: string): string | null {
  const found = /^(\d{4})(\d{2})(\d{2})(?:T(\d{2})(\d{2})\d{2}(Z?))?$/.exec(value.trim());
  if (!found) return null;
  const [, y = '', m = '', d = '', hh, mm = '', z = ''] = found;
  return hh === undefined ? `${y}-${m}-${d}` : `${y}-${m}-${d}T${hh}:${mm}${z}`;
}
