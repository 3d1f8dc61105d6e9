export { localTime } from './localTime.ts';
export { DateFact, EventFact, EvidenceSpan, Facts, ItemFact, PairFact, ValueFact } from './facts.ts';
export { read } from './read.ts';
export { READER_VERSION, Reading, type ReadOptions } from './reading.ts';
export { writerOf } from './writerOf.ts';
export { Zone } from './zone.ts';
