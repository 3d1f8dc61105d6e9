export { compare, takers, type Difference, type FieldChange, type ProvedOutcome } from './compare.ts';
export { openProof, type Proof, type Sample } from './prove.ts';
export { openTaskBook, type TaskBook } from './taskBook.ts';
