import type { Slice } from '../anatomy/index.ts';
import { isLifted, sentenceAt, type DatePhrase, type Spoken } from '../dates/index.ts';
import { firstThing, fold, verbsOf, type Language } from '../languages/index.ts';
import { antecedentOf, fits, presented } from './antecedent.ts';
import type { Asked } from './asked.ts';
import { deedIn, deedLeft } from './deed.ts';
import { blankOut } from './tidy.ts';
import { askedIn, orderIn } from './title.ts';

/** What a text asks for most plainly. */
export interface Request {
  title: string;
  place: Slice;
  score: number;
  /** How plainly its sentence asks, as `Asked` has it; of what is only implied 0. */
  strength: number;
  /** A deadline stands in its sentence, or in the one before or behind it. */
  dated: boolean;
  generic: boolean;
}

/** `refers`: its thing is one named before. `wanted`: the thing it asks for. */
type Found = Request & { refers: boolean; wanted: string | null };

/** Sentences beyond these are not asked any more what they want. */
const MOST_SENTENCES = 200;
/**
 * The request that stands out: plainly put, with a deadline, early, with something to do it to. Null where nothing is
 * asked. `thing` stands in for a pronoun. `own`: the user's own words.
 */
export function findRequest(
  sentences: readonly Spoken[],
  dates: readonly DatePhrase[],
  thing: string,
  own: boolean,
): Request | null {
  let best: Request | null = null;
  const [first] = dates
    .filter((d) => d.verdict === 'deadline')
    .toSorted((a, b) => a.date.localeCompare(b.date));
  let before = null as Found | null;
  for (const [n, sentence] of sentences.slice(0, MOST_SENTENCES).entries()) {
    const found: Found | null = isLifted(sentence)
      ? null
      : requestIn(
          sentence,
          dates,
          first,
          { named: before?.wanted ?? null, before: sentences.slice(0, n), thing },
          own,
        );
    const request: Found | null = found?.generic
      ? { ...found, ...meantBy(found, before, sentences.slice(0, n + 1), thing) }
      : found;
    // “We are short of twelve parts for Wednesday. Could you copy them?”: the order says more than the need.
    const need = request?.refers === true && before && before.wanted !== null ? before.score + 0.5 : 0;
    const score = Math.max(request?.score ?? 0, need) - n * 0.05;
    if (request && request.title !== '' && (!best || score > best.score))
      best = { ...request, score, dated: request.dated || isBeside(n, sentences, dates) };
    before = request;
  }
  return (
    best ?? (first ? (questionBeside(first, sentences) ?? allowedBeside(first, sentences, thing)) : null)
  );
}

/** “Your parcel is kept until Saturday. Please collect it.” */
const isBeside = (n: number, sentences: readonly Spoken[], dates: readonly DatePhrase[]): boolean =>
  dates.some((date) => date.verdict === 'deadline' && Math.abs(sentenceAt(date, sentences) - n) === 1);

/** What “do it” stands for: the request before it (“Please take the test. You can do it until Friday.”), a question, a deed. */
function meantBy(found: Found, request: Found | null, sentences: readonly Spoken[], thing: string) {
  const [before, own] = [sentences.at(-2), sentences.at(-1)];
  // “Those who have not sent their size, please do so”
  const left = own ? deedLeft(own.text, own.language) : null;
  if (left !== null) return { ...titleOf(found), title: left, generic: false };
  if (found.refers && request) return titleOf(request);
  const named = found.refers && before ? deedNamed(before) : null;
  const allowed = found.refers ? allowedIn(sentences.slice(0, -1), thing) : null;
  return named ?? answerTo(before) ?? (request && titleOf(request)) ?? (allowed && titleOf(allowed));
}

/** “Nobody has managed to prune the roses. Could you do it by Friday?” */
function deedNamed({ text, start, end, language }: Spoken): ReturnType<typeof titleOf> | null {
  const title = deedLeft(text, language) ?? deedIn(text, language);
  return title === null ? null : { title, place: { start, end }, generic: false };
}

/** “How many of you are coming? We need to know by Friday.” */
function answerTo(question: Spoken | undefined): Pick<Request, 'title' | 'place' | 'generic'> | null {
  if (!question?.text.trim().endsWith('?')) return null;
  const { text, folded, language } = question;
  const { greeting, pronoun } = verbsOf(language);
  const asked = text.slice(greeting.exec(folded)?.[0].length ?? 0).trim();
  const words = asked.split(/\s+/);
  // “Is that possible?” says nothing alone.
  const refers = words.length < 5 && words.some((word) => pronoun.test(fold(word)));
  if (words.length < 2 || refers) return null;
  const start = question.start + text.indexOf(asked);
  const title = `${language.requests.answer}: ${asked}`;
  return { title, place: { start, end: start + asked.length }, generic: false };
}

/** The question in front of the deadline or right behind it. */
function questionBeside(deadline: DatePhrase, sentences: readonly Spoken[]): Request | null {
  const at = sentenceAt(deadline, sentences);
  const [asked] = [sentences[at - 1], sentences[at + 1], sentences[at]].flatMap((s) => answerTo(s) ?? []);
  return asked ? { ...asked, score: 0, strength: 0, dated: true } : null;
}

/** “The loan ends on Friday. You can renew it twice.”: what may be done is what the day is for. */
function allowedBeside(deadline: DatePhrase, sentences: readonly Spoken[], thing: string): Request | null {
  const at = sentenceAt(deadline, sentences);
  const behind = [at + 1, at + 2].filter((n) => n < sentences.length);
  const [allowed] = behind.flatMap((n) => allowedIn(sentences.slice(0, n + 1), thing) ?? []);
  return allowed ?? null;
}

/** What the last of the sentences says that the reader may do. */
function allowedIn(sentences: readonly Spoken[], thing: string): Request | null {
  const last = sentences.at(-1);
  if (!last || !isAllowed(last.folded, last.language)) return null;
  const { start, text, language } = last;
  const plain = askedIn(text, [NOWHERE], language, thing);
  const [ahead, request] = [text.slice(0, plain?.start), text.slice(plain?.start)];
  const meant = plain?.refers ? antecedentOf(request, ahead, sentences.slice(0, -1), language) : null;
  const asked = meant === null ? plain : askedIn(text, [NOWHERE], language, meant);
  if (!asked || asked.generic) return null;
  const place = { start: start + asked.start, end: start + text.trimEnd().length };
  return { title: asked.title, place, generic: false, score: 0, strength: 0, dated: true };
}

const isAllowed = (folded: string, language: Language): boolean => {
  const { frame, can, may, mayPassive, writerFirst } = verbsOf(language);
  if (writerFirst.test(folded)) return false;
  const [allowed] = may(folded);
  return (
    allowed !== undefined ||
    [...frame(folded)].some(({ 0: words }) => can.test(words)) ||
    mayPassive.test(folded)
  );
};

/** As if a day stood there. */
const NOWHERE: Slice = { start: 0, end: 0 };

/** What “it” may stand for: a thing that was wanted before, one that the sentence before names, the message's own. */
interface Things {
  named: string | null;
  before: readonly Spoken[];
  thing: string;
}

/** “Would that be possible | by Friday?”: what was named before is asked for by a day. */
function goes(text: string, days: readonly Slice[], language: Language): Asked | null {
  const asked = fold(blankOut(text, days)).replace(/[?!.,\s]+$/, '');
  const isAll = verbsOf(language).goes.exec(asked)?.[0].length === asked.length;
  if (days.length === 0 || !isAll) return null;
  return { title: '', strength: 3, start: 0, generic: true, refers: true };
}

/** “Your licence runs out in March, so renew it.” */
function thingMeant(
  { named, before }: Things,
  ahead: string,
  request: string,
  language: Language,
): string | null {
  const last = before.at(-1);
  const own = firstThing(ahead, language);
  return (
    (own !== null && fits(own, request, ahead, language) ? own : null) ??
    named ??
    (last?.language === language
      ? (presented(last)?.words ?? (/;\s*$/.test(last.text) ? firstThing(last.text, language) : null))
      : null) ??
    antecedentOf(request, ahead, before, language)
  );
}

/** “Look at them” says enough where one knows at what; “have a look” is told at what. */
function seen(found: Asked, meant: string | null, thing: string, language: Language): Asked {
  const { glances, looks } = verbsOf(language);
  if (glances.has(fold(found.title)))
    return { ...found, title: `${found.title}: ${meant ?? thing}`, generic: false };
  const isKnown = meant !== null && looks.has(fold(found.title.split(/[\s:]/)[0] ?? ''));
  return isKnown ? { ...found, generic: false } : found;
}

/** The place of a day in its sentence, with the comma that closes it (“bis Freitag, den 20. März, zu schicken”). */
function cutOf({ start, end }: DatePhrase, { start: from, text }: Spoken): Slice {
  const isClosed = text.slice(start - from, end - from).includes(',') && text.charAt(end - from) === ',';
  return { start: start - from, end: end - from + (isClosed ? 1 : 0) };
}

const titleOf = ({ title, place, generic }: Request) => ({ title, place, generic });

function requestIn(
  sentence: Spoken,
  dates: readonly DatePhrase[],
  first: DatePhrase | undefined,
  things: Things,
  own: boolean,
): Found | null {
  const { start, end, text, folded, language } = sentence;
  const inside = dates.filter((d) => d.start >= start && d.end <= end && d.verdict === 'deadline');
  // “I have to print it on Friday” is what the writer does.
  if (!own && inside.some(({ reasons }) => reasons.some(({ cue }) => cue === 'plan'))) return null;
  const cut = inside.map((d) => cutOf(d, sentence));
  const holdsFirst = first !== undefined && first.start >= start && first.end <= end;
  const ask = (thing: string) =>
    askedIn(text, cut, language, thing, own) ?? (own ? orderIn(text, cut, language, thing) : null);
  const plain = ask(things.named ?? things.thing);
  const told = blankOut(text, cut);
  const meant = plain?.refers
    ? thingMeant(things, told.slice(0, plain.start), told.slice(plain.start), language)
    : null;
  const found = goes(text, cut, language) ?? (meant === null ? plain : ask(meant));
  if (!found) return null;
  const asked = seen(found, meant, things.thing, language);
  const score =
    asked.strength +
    (cut.length > 0 ? 2 : 0) +
    (holdsFirst ? 1 : 0) -
    (verbsOf(language).condition.test(folded) ? 2 : 0) -
    (asked.generic ? 2 : 0) +
    (asked.title.split(' ').length > 2 ? 0.5 : -0.5);
  return {
    title: asked.title,
    strength: asked.strength,
    dated: cut.length > 0,
    generic: asked.generic,
    refers: asked.refers,
    wanted: asked.wanted ?? null,
    place: { start: start + asked.start, end: start + text.trimEnd().length },
    score,
  };
}
