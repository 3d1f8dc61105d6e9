export type LanguageCode = 'en' | 'de' | 'fr' | 'es' | 'pt' | 'nl' | 'it' | 'sv';

/** A closed class of words: alternatives between `|`, a blank for any white space, “…” for up to six words. Accents and case do not matter. */
export type Words = string;

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

export interface DateWords {
  today: Words;
  tomorrow: Words;
  dayAfterTomorrow: Words;
  yesterday: Words;
  /** “next”, in front of or behind the day; “this, coming”; “last”. */
  next: Words;
  coming: Words;
  /** Those of “coming” that mean the next where a week or a month is named (“la semana que viene”). */
  comes: Words;
  last: Words;
  hour: Words;
  day: Words;
  workday: Words;
  week: Words;
  fortnight: Words;
  month: Words;
  quarter: Words;
  year: Words;
  endOf: Words;
  middleOf: Words;
  startOf: Words;
  /** Whole phrases for the end of the week, the month, the year. */
  weekEnd: Words;
  monthEnd: Words;
  yearEnd: Words;
  /** In front of a span of time that begins now; behind one; in front of and behind one that has passed. */
  within: Words;
  fromNow: Words;
  agoBefore: Words;
  agoAfter: Words;
  article: Words;
  of: Words;
  ordinalMark: Words;
  /** In front of a bare day of the month (“the 12th”, “den 12.”). */
  dayOfMonth: Words;
  at: Words;
  clock: Words;
  /** In front of an hour that needs no other sign of it. */
  atHour: Words;
  /** Behind an hour that counts from noon; a part of the day written onto a weekday. */
  afternoon: Words;
  weekdayPart: Words;
  /** Behind a weekday: that of the week after (“Thursday week”). */
  weekLater: Words;
  /** Units in the plural: behind “next” they name no day (“in the next weeks”). */
  weeks: Words;
  /** A day named before: itself, the one in front of it, and behind a span of time that counts back from it. */
  thatDay: Words;
  dayBefore: Words;
  before: Words;
  noon: Words;
  /** A part of the day, or its end: the day alone. */
  dayPart: Words;
  /** In front of a weekday of a month: `1 first`, `-1 last`. */
  nth: Words;
  /** Between that weekday and its month. */
  nthOf: Words;
  weekNumber: Words;
  from: Words;
  to: Words;
  every: Words;
  /** Between two days of which either will do. */
  or: Words;
}

export interface CueWords {
  /** In front of a date: it ends there for sure; it may also be a state that ends there; a day named plainly. */
  by: Words;
  until: Words;
  on: Words;
  /** Behind a date. */
  latest: Words;
  dueNoun: Words;
  /** What a thing is needed for: “for”, “in time for”, “ahead of”. */
  purpose: Words;
  /** In front of what happens on the day by which something is to be done (“before the painters come on Monday”). */
  ahead: Words;
  /** It has to be so on that day; it has to be, ought to be or can be done. */
  must: Words;
  should: Words;
  obligation: Words;
  /** In front of the time that the reader is given (“you have until Friday”). */
  given: Words;
  /** What would be best, not what has to be (“preferably on Monday”). */
  wish: Words;
  event: Words;
  /** In front of where an event is and who is there; what such lines are labelled. */
  placeAt: Words;
  placeLabel: Words;
  withWhom: Words;
  peopleLabel: Words;
  past: Words;
  /** The date of a document: “of”, “dated”, “issued on”. */
  issue: Words;
  absence: Words;
  /** What need not be done. */
  needless: Words;
  /** What reaches the reader. */
  delivered: Words;
  /** The writer speaks of what he himself will do. */
  commit: Words;
  /** Tells what will be so, or what others will do. */
  future: Words;
  /** What goes on until a day, with nobody asked to do anything. */
  state: Words;
  /** What one has to take up before it ends. */
  offer: Words;
  /** Asked to an event, not asked for something that it needs. */
  coming: Words;
  move: Words;
  /** Moves a deadline only where the sentence speaks of one. */
  change: Words;
  instead: Words;
  lift: Words;
}

export interface RequestWords {
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
  someone: Words;
  /** What is no deed: to have, to know. */
  states: Words;
  /** Asks whether what was named before can be done (“would that be possible?”). */
  goes: Words;
  /** Verbs that say no more than that something is to be done (“handle this”). */
  generic: Words;
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
  /** Begins a sentence that asks only in some case. */
  /** Begins what comes before a request (“as soon as you have a minute, …”). */
  once: Words;
  condition: Words;
  /** Begins a purpose in front of a request. */
  goal: Words;
  /** Begins what follows from what was said. */
  so: Words;
  /** What a cell says of a task that is done. */
  finished: Words;
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

export interface MailWords {
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
