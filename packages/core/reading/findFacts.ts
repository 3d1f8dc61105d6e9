import { joinSlices, type Anatomy, type Words } from '../anatomy/index.ts';
import { findDates } from '../dates/index.ts';
import type { Message } from '../mail/index.ts';
import { automaticKind, cleanSubject, findPairs } from '../requests/index.ts';
import type { DateFact, EvidenceSpan, Facts, PairFact, Region } from './facts.ts';
import type { ReadOptions } from './reading.ts';

/** Message and Anatomy → Facts. `arrivedAt` (local) stands in for a message's own sent time where that is missing. */
export function findFacts(
  message: Message,
  anatomy: Anatomy,
  options: ReadOptions,
  arrivedAt: string,
): Facts {
  const note = joinSlices(
    message.text,
    anatomy.parts.filter((p) => p.kind === 'note'),
  );
  const latest = joinSlices(
    message.text,
    anatomy.parts.filter((p) => p.kind === 'latest'),
  );
  const subject = cleanSubject(message.subject);
  const places: Place[] = [
    {
      region: 'note',
      words: note,
      part: 'text',
      whole: message.text,
      reference: message.sentAt ?? arrivedAt,
    },
    {
      region: 'latest',
      words: latest,
      part: 'text',
      whole: message.text,
      reference: anatomy.sentAt ?? message.sentAt ?? arrivedAt,
    },
    {
      region: 'subject',
      words: joinSlices(message.subject, [subject]),
      part: 'subject',
      whole: message.subject,
      reference: anatomy.sentAt ?? message.sentAt ?? arrivedAt,
    },
  ];
  const dates = places.flatMap((place) => dateFacts(place, options));
  return {
    subject: {
      value: message.subject.slice(subject.start, subject.end),
      spans: evidence(places[2], 0, subject.end - subject.start),
    },
    dates,
    deadline: chooseDeadline(dates),
    pairs: places.slice(0, 2).flatMap(pairFacts),
    automatic: automaticKind(message),
  };
}

interface Place {
  region: Region;
  words: Words;
  part: 'text' | 'subject';
  whole: string;
  reference: string;
}

function evidence(place: Place | undefined, start: number, end: number): EvidenceSpan[] {
  if (!place) return [];
  const { words, part, whole } = place;
  return words
    .slicesOf(start, end)
    .map((s) => ({ part, start: s.start, end: s.end, quote: whole.slice(s.start, s.end) }));
}

function dateFacts(place: Place, { zone, dateOrder }: ReadOptions): DateFact[] {
  const found = findDates(place.words.value, { reference: place.reference, zone, dateOrder });
  return found.map(({ start, end, ...rest }) => ({
    ...rest,
    region: place.region,
    spans: evidence(place, start, end),
  }));
}

function pairFacts(place: Place): PairFact[] {
  return findPairs(place.words.value).map(({ label, value, start, end }) => ({
    region: place.region,
    label,
    value,
    spans: evidence(place, start, end),
  }));
}

/** The note wins over the newest words and the subject; of several deadlines the earliest. */
function chooseDeadline(dates: readonly DateFact[]): number | null {
  const deadlines = dates.map((date, index) => ({ ...date, index })).filter((d) => d.verdict === 'deadline');
  const own = deadlines.filter((d) => d.region === 'note');
  const pool = own.length > 0 ? own : deadlines;
  return pool.toSorted((a, b) => a.date.slice(0, 10).localeCompare(b.date.slice(0, 10)))[0]?.index ?? null;
}
