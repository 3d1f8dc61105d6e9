import type { Anatomy } from '../anatomy/index.ts';
import type { Message } from '../mail/index.ts';
import { beginsWithVerb, fold, verbsOf } from '../languages/index.ts';
import { cleanSubject, findRequest, isCertain, owedBy, type Request } from '../requests/index.ts';
import type { Facts } from './facts.ts';
import { evidence, type Place, type Places } from './places.ts';

/** The user's own subject or the action in his note, else what the newest words ask for, else the subject. */
export function chooseTitle(message: Message, anatomy: Anatomy, places: Places): Facts['title'] {
  const { note, latest, subject } = places;
  const plain = {
    value: subject.words.value,
    source: 'subject' as const,
    spans: evidence(subject, 0, subject.words.value.length),
  };
  if (isReworded(message, anatomy)) return { ...plain, source: 'own subject' };
  const thing = thingOf(message, subject.words.value);
  const toHimself = anatomy.who?.address === message.from?.address && latest.words.value.trim() === '';
  const own = requestIn(note, thing);
  if (toHimself && beginsWithVerb(subject.words.value, subject.language)) {
    const order = findRequest(subject.sentences, subject.dates, '', true);
    return order ? { ...plain, value: order.title } : plain;
  }
  if (toHimself && !own && plain.value !== '') return plain;
  if (own && !own.generic) return titleAt(note, own, 'note');
  const found = requestIn(latest, thing);
  const asked = found && isCertain(found, latest.language, hasDeadline(latest)) ? found : null;
  // “Answer him tomorrow” is an order of its own.
  if (own && answers(own, note)) return titleAt(note, about(own, thing), 'note');
  if (asked && !asked.generic) return titleAt(latest, asked, 'request');
  if (own) return titleAt(note, about(own, thing), 'note');
  if (asked) return titleAt(latest, about(asked, thing), 'request');
  const owed = hasDeadline(latest) && owedBy(plain.value, latest.language);
  return owed ? { ...plain, value: owed } : plain;
}

export const asksFor = ({ note, latest }: Places): boolean =>
  requestIn(note, '') !== null || requestIn(latest, '') !== null;

const hasDeadline = ({ dates }: Place) => dates.some(({ verdict }) => verdict === 'deadline');

/** A forward whose subject differs from the inner one by more than prefixes and list tags. */
function isReworded(message: Message, { originalSubject, parts }: Anatomy): boolean {
  if (originalSubject === null || !parts.some((p) => p.kind === 'note' || p.kind === 'heading')) return false;
  const bare = (subject: string) => {
    const { start, end } = cleanSubject(subject);
    return subject
      .slice(start, end)
      .toLowerCase()
      .replace(/[^\p{L}\p{N}]+/gu, '');
  };
  const [outer, inner] = [bare(message.subject), bare(originalSubject)];
  return outer !== '' && inner !== '' && outer !== inner && !inner.startsWith(outer);
}

function requestIn(place: Place, thing: string): Request | null {
  return findRequest(place.sentences, place.dates, thing, place.region === 'note');
}

function titleAt(place: Place, { title, place: at }: Request, source: 'note' | 'request'): Facts['title'] {
  return { value: title, source, spans: evidence(place, at.start, at.end) };
}

const answers = ({ title, place }: Request, { words, language }: Place) =>
  verbsOf(language).answers.has(fold(title.split(/[\s:]/)[0] ?? '')) &&
  HIM.test(fold(words.value.slice(place.start, place.end)));

const HIM = /\b(?:him|her|them|ihm|ihr|ihnen|lui|leur|les?|gli|lhes?|hem|haar|hen|honom|henne|dem)\b/;

/** “Tell us” says too little alone. */
const about = (request: Request, thing: string): Request =>
  thing === '' || request.title.includes(thing)
    ? request
    : { ...request, title: `${request.title}: ${thing}` };

/** What “it” is: the attached file by its name, else the subject. */
function thingOf(message: Message, subject: string): string {
  const [file] = message.attachments;
  return subject === '' ? (file?.name ?? '') : subject;
}
