import type { Anatomy, Slice } from '../anatomy/index.ts';
import type { Message } from '../mail/index.ts';
import {
  automaticKind,
  exclaimed,
  findEvents,
  findItems,
  findPairs,
  findValues,
  headerPriority,
  loneLevel,
  priorityIn,
  type Item,
  type Pair,
} from '../requests/index.ts';
import { asksFor, chooseTitle } from './chooseTitle.ts';
import type { DateFact, EventFact, EvidenceSpan, Facts, ItemFact, PairFact, ValueFact } from './facts.ts';
import { evidence, placesOf, type Place, type Places } from './places.ts';
import type { ReadOptions } from './reading.ts';

/** Message and Anatomy → Facts. `arrivedAt` (local) stands in for a message's own sent time where that is missing. */
export function findFacts(
  message: Message,
  anatomy: Anatomy,
  options: ReadOptions,
  arrivedAt: string,
): Facts {
  const places = placesOf(message, anatomy, options, arrivedAt);
  const { note, latest, subject } = places;
  const dates = [note, latest, subject].flatMap(dateFacts);
  const deadline = chooseDeadline(dates, places);
  const priority = choosePriority(message, places);
  const told = [note, latest].map((place) => ({ place, pairs: findPairs(place.words.value) }));
  return {
    subject: { value: subject.words.value, spans: evidence(subject, 0, subject.words.value.length) },
    title: chooseTitle(message, anatomy, places),
    asks: asksFor(places),
    dates,
    deadline,
    priority,
    items: chooseItems(places, { due: deadline === null ? null : (dates[deadline] ?? null), priority }),
    pairs: told.flatMap(pairFacts),
    values: [...subjectValues(message), ...[note, latest].flatMap(valueFacts)],
    events: [
      ...message.events.map((event) => ({ ...event, region: null, spans: [] })),
      ...told.flatMap(eventFacts),
    ],
    automatic: automaticKind(message),
  };
}

function dateFacts(place: Place): DateFact[] {
  return place.dates.map(({ start, end, ...rest }) => ({
    ...rest,
    region: place.region,
    spans: evidence(place, start, end),
  }));
}

interface Told {
  place: Place;
  pairs: Pair[];
}

function pairFacts({ place, pairs }: Told): PairFact[] {
  return pairs.map(({ label, value, start, end }) => ({
    region: place.region,
    label,
    value,
    spans: evidence(place, start, end),
  }));
}

function eventFacts({ place, pairs }: Told): EventFact[] {
  const { value } = place.words;
  const words = ({ start, end }: Slice) => value.slice(start, end);
  return findEvents(place.sentences, place.dates, pairs).map((event) => ({
    summary: '',
    starts: event.starts,
    ends: event.ends,
    place: event.place && words(event.place),
    participants: event.participants.map(words),
    region: place.region,
    spans: [event.date, event.place, ...event.participants].flatMap((slice) =>
      slice ? evidence(place, slice.start, slice.end) : [],
    ),
  }));
}

/** The subject as it stands: a ticket's number is often in the brackets that its words are read without. */
const subjectValues = ({ subject }: Message): ValueFact[] =>
  findValues(subject).map(({ start, end, ...rest }) => ({
    ...rest,
    region: 'subject',
    spans: [{ part: 'subject', start, end, quote: subject.slice(start, end) }],
  }));

function valueFacts(place: Place): ValueFact[] {
  return findValues(place.words.value).map(({ start, end, ...rest }) => ({
    ...rest,
    region: place.region,
    spans: evidence(place, start, end),
  }));
}

/**
 * The note wins over the newest words and those over the subject; what moves a deadline wins in its place, else the
 * earliest that is still ahead does. Words that lift it leave none but what is said after them.
 */
function chooseDeadline(dates: readonly DateFact[], places: Places): number | null {
  const { note, latest } = places;
  const deadlines = dates.map((date, index) => ({ ...date, index })).filter((d) => d.verdict === 'deadline');
  for (const region of ['note', 'latest', 'subject'] as const) {
    const here = deadlines.filter((d) => d.region === region);
    const moved = here.findLast((d) => d.moved);
    const today = places[region].reference.slice(0, 10);
    const ahead = here.filter((d) => d.date.slice(0, 10) >= today);
    const [first] = (ahead.length > 0 ? ahead : here).toSorted(
      (a, b) => a.date.slice(0, 10).localeCompare(b.date.slice(0, 10)) || b.score - a.score,
    );
    const chosen = moved ?? first;
    if (chosen) return chosen.index;
    if ((region === 'note' && note.lifts) || (region === 'latest' && latest.lifts)) return null;
  }
  return null;
}

function choosePriority(message: Message, { note, latest, subject }: Places): Facts['priority'] {
  for (const place of [note, subject, latest]) {
    const { value } = place.words;
    const found =
      priorityIn(value) ?? (place === subject ? exclaimed(value) : place === note ? loneLevel(value) : null);
    if (found) return { value: found.level, spans: evidence(place, found.start, found.end) };
  }
  const stated = headerPriority(message);
  if (!stated) return null;
  const span: EvidenceSpan = {
    part: 'header',
    header: stated.header,
    start: 0,
    end: stated.value.length,
    quote: stated.value,
  };
  return { value: stated.level, spans: [span] };
}

/** What holds for an item that says nothing else itself. */
interface Whole {
  due: DateFact | null;
  priority: Facts['priority'];
}

/** The items of the note, else of the newest words. */
function chooseItems({ note, latest }: Places, whole: Whole): ItemFact[] {
  const toHimself = latest.words.value.trim() === '';
  for (const place of [note, latest]) {
    const items = findItems(
      place.words.value,
      place.sentences,
      place.dates,
      place === note && toHimself,
      place.language,
    );
    if (items.length > 0) return items.map((item) => itemFact(item, place, items, whole));
  }
  return [];
}

function itemFact(item: Item, place: Place, all: readonly Item[], whole: Whole): ItemFact {
  const { due, title, owner, notes, priority } = item;
  // What another item says of itself does not hold for this one.
  const sharedDue = all.some((other) => other.due?.date === whole.due?.date) ? null : whole.due;
  const shared = all.some((other) => other.priority !== null) ? null : whole.priority;
  return {
    title,
    due: due?.date ?? sharedDue?.date ?? null,
    priority: priority ?? shared?.value ?? null,
    owner,
    notes,
    spans: {
      title: evidence(place, item.place.start, item.place.end),
      due: due ? evidence(place, due.start, due.end) : (sharedDue?.spans ?? []),
      priority: priority === null ? (shared?.spans ?? []) : evidence(place, item.place.start, item.place.end),
      owner: item.ownerPlace ? evidence(place, item.ownerPlace.start, item.ownerPlace.end) : [],
    },
  };
}
