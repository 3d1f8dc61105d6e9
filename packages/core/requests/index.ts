export { automaticKind, type Automatic } from './automatic.ts';
export { findPairs, Pair } from './pairs.ts';
export { cleanSubject } from './subject.ts';
