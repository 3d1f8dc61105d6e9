import type { Mailbox } from '../mail/index.ts';
import { LAYOUTS, type Layout } from './layouts/index.ts';
import type { Line, Slice } from './slices.ts';

/** A forwarded message found in a text: its marker and header lines, and what they say. */
export interface Forward {
  heading: Slice;
  from: Mailbox | null;
  /** As written; it is no ISO date yet. */
  sent: string | null;
  subject: string | null;
}

/** The first forwarded message in these lines, by a marker line with header lines below it. */
export function findForward(lines: readonly Line[]): Forward | null {
  for (const layout of LAYOUTS) {
    const at = lines.findIndex((line) =>
      layout.forwardMarkers.some((marker) => marker.test(line.text.trim())),
    );
    if (at !== -1) {
      const forward = readHeading(lines, at, layout);
      if (forward) return forward;
    }
  }
  return null;
}

function readHeading(lines: readonly Line[], marker: number, layout: Layout): Forward | null {
  const labels = Object.values(layout.headers).flat();
  const values = new Map<string, string>();
  let label: string | null = null;
  let i = marker + 1;
  while (lines[i]?.text.trim() === '') i += 1;
  for (; i < lines.length; i += 1) {
    const text = (lines[i]?.text ?? '').replaceAll('*', '').trim();
    const header = /^([A-Za-z-]+): ?(.*)$/.exec(text);
    const name = header?.[1]?.toLowerCase() ?? '';
    if (labels.includes(name)) {
      label = name;
      values.set(name, header?.[2] ?? '');
    } else if (text === '' || label === null) break;
    else values.set(label, `${values.get(label) ?? ''} ${text}`);
  }
  const value = (names: readonly string[]) =>
    names.map((n) => values.get(n)).find((v) => v !== undefined) ?? null;
  const from = value(layout.headers.from);
  if (from === null) return null;
  while (lines[i]?.text.trim() === '') i += 1;
  const heading = { start: lines[marker]?.start ?? 0, end: lines[i - 1]?.next ?? 0 };
  return {
    heading,
    from: parseMailbox(from),
    sent: value(layout.headers.sent),
    subject: value(layout.headers.subject),
  };
}

/** `Name <address>`, `"Name" [mailto:address]`, a bare address or a bare name. */
export function parseMailbox(text: string): Mailbox | null {
  const address = /[^\s<>"'()[\]:;,]+@[^\s<>"'()[\]:;,]+/.exec(text.slice(0, 1000));
  if (!address) return text.trim() === '' ? null : { name: text.trim(), address: '' };
  const name = text
    .slice(0, address.index)
    .replace(/[<[(]?(mailto:)?$/, '')
    .replace(/^["'\s]+|["'\s]+$/g, '');
  return { name, address: address[0] };
}
