export { findDates, readStatedTime } from './findDates.ts';
export { DateOrder, DatePhrase, LocalDate, Reason } from './phrase.ts';
export type { DateOptions } from './resolve.ts';
