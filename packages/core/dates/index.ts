export { asks, wants } from './cues.ts';
export { findDates, findLift, isLifted } from './findDates.ts';
export { DateOrder, DatePhrase, LocalDate, type DateOptions } from './phrase.ts';
export { sentenceAt, spokenIn, type Spoken } from './spoken.ts';
export { isRelative } from './told.ts';
export { readStatedTime } from './statedTime.ts';
export { beyondKnown, Calendar, countDay, DAY_SOURCES, DayCount, sayCount } from './arithmetic.ts';
export { dayIn } from './dayIn.ts';
export { dayText } from './dayText.ts';
