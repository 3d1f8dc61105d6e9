import type { Task, TaskCandidate } from '@hatband/contract';

/** A value that is pointed at: a field of a task. */
export interface Pointed {
  taskId: number;
  field: string;
}

/** A place in the text or the subject that a value was read from. */
export interface Mark extends Pointed {
  part: 'text' | 'subject' | 'header';
  start: number;
  end: number;
}

export const keyOf = ({ taskId, field }: Pointed) => `${String(taskId)}-${field}`;

export const same = (a: Pointed | null, b: Pointed) => a !== null && keyOf(a) === keyOf(b);

/** The places of all values that rules read. */
export function marksOf(tasks: readonly Task[]): Mark[] {
  return tasks.flatMap((task) =>
    Object.entries(task.evidence).flatMap(([field, source]) =>
      source.by === 'user'
        ? []
        : source.spans.map(({ part, start, end }) => ({
            taskId: task.id,
            field,
            part,
            start,
            end,
          })),
    ),
  );
}

/** The places of a value that could stand in a field. */
export const marksOfOffer = (taskId: number, offer: TaskCandidate | null): Mark[] =>
  offer === null
    ? []
    : offer.spans.map(({ part, start, end }) => ({ taskId, field: offer.field, part, start, end }));

export interface Segment {
  start: number;
  end: number;
  mark: Mark | null;
}

/** Cuts `start` to `end` at the marks; where marks overlap, the shorter one is shown. */
export function segmentsOf(start: number, end: number, marks: readonly Mark[]): Segment[] {
  const inside = marks.filter((mark) => mark.start < end && mark.end > start);
  const cuts = [
    ...new Set([start, end, ...inside.flatMap((m) => [Math.max(m.start, start), Math.min(m.end, end)])]),
  ];
  cuts.sort((a, b) => a - b);
  return cuts.slice(0, -1).map((from, i) => {
    const to = cuts[i + 1] ?? end;
    const covering = inside.filter((mark) => mark.start <= from && mark.end >= to);
    covering.sort((a, b) => a.end - a.start - (b.end - b.start));
    return { start: from, end: to, mark: covering[0] ?? null };
  });
}

/**
 * A text whose hard wraps are blanks, of the same length: a line end is a wrap where the line is long and the next one
 * goes on in words.
 */
export function unwrap(text: string): string {
  return text.replace(/(?<=[^\n]{48})\n(?=[\p{L}\p{N}(“"])(?!\d+[.)] )(?![^\n]{0,40}:)/gu, ' ');
}
