import type { CalendarEvent } from './message.ts';

/** More appointments in one message are a calendar, not a letter. */
const MOST = 50;

/** The appointments (VEVENT) of a calendar part (RFC 5545, sections 3.1 and 3.6.1). */
export function calendarEvents(text: string): CalendarEvent[] {
  const lines = text.replace(/\r?\n[ \t]/g, '').split(/\r?\n/);
  const events: CalendarEvent[] = [];
  let open: Map<string, string> | null = null;
  for (const line of lines) {
    if (/^BEGIN:VEVENT/i.test(line)) open = new Map();
    else if (/^END:VEVENT/i.test(line) && open) {
      const event = eventOf(open);
      if (event && events.length < MOST) events.push(event);
      open = null;
    } else if (open) {
      const found = /^([A-Z-]+)(?:;[^:]*)?:(.*)$/i.exec(line.slice(0, 2000));
      if (found)
        open.set(
          (found[1] ?? '').toUpperCase(),
          (found[2] ?? '').replace(/\\n/gi, ' ').replace(/\\([,;\\])/g, '$1'),
        );
    }
  }
  return events;
}

function eventOf(values: ReadonlyMap<string, string>): CalendarEvent | null {
  const starts = dateTime(values.get('DTSTART') ?? '');
  if (starts === null) return null;
  return {
    summary: values.get('SUMMARY') ?? '',
    starts,
    ends: dateTime(values.get('DTEND') ?? ''),
    place: values.get('LOCATION') ?? null,
  };
}

/** `20260305T170000Z` → `2026-03-05T17:00Z` */
function dateTime(value: string): string | null {
  const found = /^(\d{4})(\d{2})(\d{2})(?:T(\d{2})(\d{2})\d{2}(Z?))?$/.exec(value.trim());
  if (!found) return null;
  const [, y = '', m = '', d = '', hh, mm = '', z = ''] = found;
  return hh === undefined ? `${y}-${m}-${d}` : `${y}-${m}-${d}T${hh}:${mm}${z}`;
}
