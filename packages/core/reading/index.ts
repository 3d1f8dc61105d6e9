export { DateFact, EvidenceSpan, Facts, PairFact } from './facts.ts';
export { read } from './read.ts';
export { READER_VERSION, Reading, type ReadOptions } from './reading.ts';
