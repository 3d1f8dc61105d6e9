export { compare, takers, type Difference, type FieldChange } from './compare.ts';
export { prove, type Proof, type Sample } from './prove.ts';
export { openTaskBook, type TaskBook } from './taskBook.ts';
