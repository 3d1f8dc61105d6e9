export { DateFact, EvidenceSpan, Facts, PairFact } from './facts.ts';
export { read, type ReadOptions } from './read.ts';
export { READER_VERSION, Reading } from './reading.ts';
