export { asks, wants } from './cues.ts';
export { findDates, findLift, inLanguages, isLifted } from './findDates.ts';
export { DateOrder, DatePhrase, LocalDate, type DateOptions } from './phrase.ts';
export { sentencesOf, type Sentence } from './sentences.ts';
export { readStatedTime } from './statedTime.ts';
