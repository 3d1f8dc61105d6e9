/** A closed class of words: alternatives between `|`, a blank for any white space, “…” for up to six words. Accents and case do not matter. */
export type Words = string;

/** How days and times are put. */
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
  /** Time as such, and times counted; no thing that is sent. */
  time: Words;
  /** Units in the plural: behind “next” they name no day (“in the next weeks”). */
  weeks: Words;
  /** A day named before: itself, the one in front of it, and behind a span of time that counts back from it. */
  thatDay: Words;
  dayBefore: Words;
  /** By a day that was just named. */
  beforeThen: Words;
  before: Words;
  noon: Words;
  /** A part of the day, or its end: the day alone. */
  dayPart: Words;
  /** In front of a weekday of a month: `1 first`, `-1 last`. */
  nth: Words;
  /** Between that weekday and its month. */
  nthOf: Words;
  weekNumber: Words;
  /** Feasts by their place in `dates/feasts.ts`: `1 good friday`. */
  feasts: Words;
  from: Words;
  to: Words;
  /** In front of the day on which something begins. */
  begins: Words;
  every: Words;
  /** Between two days of which either will do. */
  or: Words;
}

/** What stands around a day and says what it is. */
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
  /** What the writer takes until a day (“we accept orders until Friday”). */
  accepts: Words;
  /** In front of what the writer could do if he had a thing by then (“if I had it tomorrow, …”). */
  ifHad: Words;
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
  /** In front of what happens if the reader does nothing (“otherwise we cancel it”). */
  otherwise: Words;
  /** What one may do or leave (“cancel free of charge”). */
  optional: Words;
}
