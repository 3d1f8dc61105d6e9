export { findDates, readStatedTime } from './findDates.ts';
export { DateOrder, DatePhrase, LocalDate } from './phrase.ts';
export type { DateOptions } from './resolve.ts';
