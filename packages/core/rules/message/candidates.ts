import { dayIn, type Calendar, type DateOrder } from '../../dates/index.ts';
import { findWords, fold } from '../../languages/index.ts';
import type { EvidenceSpan, Reading, ValueFact } from '../../reading/index.ts';
import {
  checkKind,
  sameName,
  type DecimalMark,
  type FieldKind,
  type Person,
  type Value,
} from '../../tasks/index.ts';

/** A value that a message holds, and may be meant for a field. */
export interface Candidate {
  value: Value;
  spans: EvidenceSpan[];
}

/** The field that a value is looked for; `choices` are its own, or the names that there are. */
export interface SoughtField {
  name: string;
  kind: FieldKind;
  choices: readonly string[];
  decimal: DecimalMark | null;
}

interface Setting {
  /** The wall clock from which words like “Friday” are read. */
  reference: string;
  zone: string;
  dateOrder: DateOrder;
  calendar: Calendar;
  people: readonly Person[];
}

interface Words {
  words: string;
  spans: EvidenceSpan[];
}

const MOST = 6;

/** Found values that can be of a kind. */
const DETAILS: Partial<Record<FieldKind, readonly ValueFact['kind'][]>> = {
  text: ['reference', 'phone', 'address', 'percent'],
  number: ['percent'],
  money: ['money'],
  duration: ['duration'],
  link: ['link'],
};
/** Kinds of which a labelled line can be a value, whatever its label; its days are among those that were found. */
const LABELLED: readonly FieldKind[] = ['text', 'number', 'money', 'duration', 'link'];

/** The values in the message that fit the field, the likeliest first: a line with its label, what the reading found, all others. */
export function candidatesIn(reading: Reading, field: SoughtField, setting: Setting): Candidate[] {
  const { facts } = reading;
  const labelled = (isOwn: boolean) =>
    facts.pairs
      .filter(({ label }) => sameName(label, field.name) === isOwn)
      .map(({ value, spans }) => ({ words: value, spans }));
  const { reference, zone, dateOrder, calendar, people } = setting;
  const checks = {
    day: (words: string) => dayIn(words, { reference, zone, dateOrder, ...calendar }),
    decimal: field.decimal,
    people,
    projects: field.kind === 'project' ? field.choices : [],
    choices: field.choices,
  };
  const offered = [
    ...labelled(true),
    ...found(reading, field, people),
    ...(LABELLED.includes(field.kind) ? labelled(false) : []),
  ].flatMap(({ words, spans }) => {
    const checked = checkKind(field.kind, words, checks);
    return checked && 'value' in checked ? [{ value: checked.value, spans }] : [];
  });
  return distinct(offered).slice(0, MOST);
}

function found(reading: Reading, { kind, choices }: SoughtField, people: readonly Person[]): Words[] {
  const { facts, anatomy } = reading;
  switch (kind) {
    case 'date':
    case 'date and time': {
      const first = facts.deadline === null ? undefined : facts.dates[facts.deadline];
      return [...(first ? [first] : []), ...facts.dates].map(({ date, spans }) => ({ words: date, spans }));
    }
    case 'person': {
      const writer = anatomy.who === null ? [] : [{ words: anatomy.who.address, spans: [] }];
      return [
        ...named(
          reading,
          people.map(({ name }) => name),
        ),
        ...writer,
      ];
    }
    case 'choice':
    case 'several choices':
    case 'project':
      return named(reading, choices);
    default:
      return facts.values
        .filter((fact) => DETAILS[kind]?.includes(fact.kind))
        .map(({ value, spans }) => ({ words: value, spans }));
  }
}

/** Which of the names stand in the subject or the text, in the order in which they do. */
function named({ message }: Reading, names: readonly string[]): Words[] {
  return (['subject', 'text'] as const).flatMap((part) => {
    const folded = fold(message[part]);
    return names
      .flatMap((words) => {
        const [place] = findWords(words)(folded);
        return place ? [{ words, ...place }] : [];
      })
      .toSorted((one, other) => one.start - other.start)
      .map(({ words, start, end }) => ({
        words,
        spans: [{ part, start, end, quote: message[part].slice(start, end) }],
      }));
  });
}

const distinct = (candidates: readonly Candidate[]): Candidate[] =>
  [
    ...new Map(candidates.toReversed().map((each) => [JSON.stringify(each.value), each])).values(),
  ].toReversed();
