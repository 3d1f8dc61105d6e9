export { compare, type Difference, type FieldChange } from './compare.ts';
export { prove, type Proof, type Sample } from './prove.ts';
