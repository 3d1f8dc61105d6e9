export { Anatomy, Part, PartKind, wordsOf } from './anatomy.ts';
export { LAYOUTS } from './layouts/index.ts';
export { joinSlices, linesOf, Slice, type Words } from './slices.ts';
export { takeApart, type AnatomyOptions } from './takeApart.ts';
