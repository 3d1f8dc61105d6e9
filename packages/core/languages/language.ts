import { z } from 'zod';
import type { CueWords, DateWords, Words } from './classes.ts';

export type { Words } from './classes.ts';

export const LanguageCode = z.enum(['en', 'de', 'fr', 'es', 'pt', 'nl', 'it', 'sv']);
export type LanguageCode = z.infer<typeof LanguageCode>;

/** What the scorers know of a language: which words belong to which closed class. They know no word themselves. */
export interface Language {
  code: LanguageCode;
  /** Function words that tell the language from the others. */
  common: Words;
  /** January to December; Monday to Sunday. The first alternative is the full name. */
  months: readonly Words[];
  weekdays: readonly Words[];
  /** Short names that are also other words: they count only in front of a date, or with a capital behind a cue. */
  shortDays: readonly Words[];
  /** Numbers written out: `3 three`. */
  numbers: Words;
  /** First to tenth, as words that count things off. */
  ordinals: readonly Words[];
  dates: DateWords;
  cues: CueWords;
  requests: RequestWords;
  mail: MailWords;
}

interface RequestWords {
  please: Words;
  /** In front of the verb of a request. */
  frames: Words;
  /** What the writer has to do: an order in the user's own words only (“I have to”). */
  self: Words;
  /** Begins the user's own order (“need to …”). */
  toDo: Words;
  /** Begins a sentence that tells what was said or is known already (“we remind you that”). */
  announce: Words;
  /** What a thing has to do that the reader sends (“must reach us”). */
  arrive: Words;
  /** Between a deadline's noun and what it is for; behind that (“the deadline for returning it is”). */
  forAction: Words;
  is: Words;
  /** Noun → what it asks to do: `payment pay`, beside those that an ending tells. */
  actionNouns: Words;
  /** “You can”: a request only as a question or with a deadline. */
  can: Words;
  /** What one may or must do, whoever it is: a request only with a date or as a question. */
  may: Words;
  /** In front of the thing that is wanted. */
  needs: Words;
  /** Between others and the thing that they want: a request only with a deadline (“the insurers want”). */
  othersNeed: Words;
  /** Begins what follows if the reader does nothing: with a negation in it, and without one (“unless”). */
  unless: Words;
  withoutDoing: Words;
  /** Forms of “to be” beside a participle. */
  auxiliary: Words;
  /** Begins a sentence that asks those whom it concerns (“whoever can come”). */
  whoever: Words;
  /** Several words for `provide` (“faire parvenir”). */
  letArrive: Words;
  /** The verb for a thing that is wanted, for what is owed, for a question. */
  provide: string;
  pay: string;
  answer: string;
  /** Verbs for answering somebody. */
  answers: Words;
  /** In front of the thing that comes with the message (“attached is”). */
  presents: Words;
  /** Begins what is well if the reader does it (“if you … by Friday”). */
  ifYou: Words;
  /** Begins a sentence in which the writer speaks of himself. */
  writerFirst: Words;
  /** What is owed. */
  bills: Words;
  /** What is the reader's (“your”). */
  yours: Words;
  /** What one does with things that come of themselves; a request only for what is the reader's, or by a day. */
  awaits: Words;
  /** Between the thing and a participle, where it may be done until a day (“can be”). */
  mayPassive: Words;
  /** Between the thing and a participle: “needs to be”. */
  passive: Words;
  /** Words that look like a request and ask for nothing. */
  courtesy: Words;
  /** Begins the clause that is told or asked for. */
  that: Words;
  /** Begins a clause that says which thing is meant (“the files that you no longer need”). */
  relative: Words;
  /** What somebody has from it, rather than does (“whoever lost it finds a copy online”). */
  gets: Words;
  someone: Words;
  /** What is no deed: to have, to know. */
  states: Words;
  /** Asks whether what was named before can be done (“would that be possible?”). */
  goes: Words;
  /** Verbs that say no more than that something is to be done (“handle this”). */
  generic: Words;
  /** Those of them that say enough with a thing (“look at the slides”). */
  looks: Words;
  /** “Have a look”: a title of these names its thing too. */
  glances: Words;
  /** Base forms of verbs that a request begins with; others, whose imperatives may be nouns (“visite”). */
  verbs: Words;
  moreVerbs: Words;
  /** Their forms that are nouns or other words as well: they ask only in front of a determiner. */
  homographs: Words;
  /** Base forms of what one does at an event (“bring gloves”). */
  bring: Words;
  determiners: Words;
  /** Irregular forms that ask, and irregular participles, with their base form: `gib geben`, `sent send`. */
  forms: Words;
  /** Irregular forms of the third person, in the same way: `gibt geben`. */
  third: Words;
  participles: Words;
  /** Verb at the end of the clause (de, nl); particles that part from it. */
  verbLast: boolean;
  /** Words are written one behind another (“Gastvortrag”). */
  compounds: boolean;
  particles: Words;
  /** People it is done for; words in front of the verb that say nothing. */
  indirect: Words;
  fillers: Words;
  pronouns: Words;
  /** Pronouns for a thing in front of its verb (“la déposer”); words that stand for a thing named before (“another one”). */
  clitics: Words;
  elliptic: Words;
  /** Begins a reason, a condition or a purpose. */
  reason: Words;
  /** “Not”, around what is asked or called urgent. */
  negation: Words;
  /** What one need not do anything with. */
  nothing: Words;
  /** Politeness in the middle of a request; it is left out. */
  polite: Words;
  /** At the end of a clause, behind the verb (de, nl). */
  modals: Words;
  /** Between a frame and a participle: the request is a passive. */
  be: Words;
  /** Begins what comes before a request (“as soon as you have a minute, …”). */
  once: Words;
  /** Begins a sentence that asks only in some case. */
  condition: Words;
  /** Begins a purpose in front of a request. */
  goal: Words;
  /** Begins what follows from what was said. */
  so: Words;
  /** What a cell says of a task that is done. */
  finished: Words;
  /** In the first cell of a row that sums up others. */
  sum: Words;
  /** Behind a noun that is written like a verb (“Order of the day”). */
  afterNoun: Words;
  /** Behind its verb the writer speaks of himself (“erledige ich”). */
  writer: Words;
  /** In front of the verb of a question that asks for something (“tu m’envoies … ?”). */
  doForMe: Words;
  /** In front of the verb of an order (“ci chiami”). */
  beforeOrder: Words;
  /** Behind an imperative (“senden Sie”). */
  you: Words;
  /** Joins two of a kind. */
  and: Words;
  /** Between a name and what he is to do. */
  assigns: Words;
  /** Begins another thought where it stands behind a comma. */
  aside: Words;
  /** Looks like urgency and is none (“effective immediately”). */
  fromNowOn: Words;
  high: Words;
  /** The bare names of the levels, which say so only where they stand alone. */
  levels: { high: Words; medium: Words; low: Words };
  medium: Words;
  low: Words;
  /** Over a list of tasks; over a list of something else. */
  taskHeading: Words;
  otherHeading: Words;
  /** Headings of a table's columns, by role. */
  action: Words;
  owner: Words;
  when: Words;
  done: Words;
}

interface MailWords {
  greeting: Words;
  signOff: Words;
  /** Between a sign-off and a place. */
  signOffFrom: Words;
  mobile: Words;
  legal: Words;
  unsubscribe: Words;
  external: Words;
  automatic: Words;
}
