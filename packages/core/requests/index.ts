export { automaticKind, type Automatic } from './automatic.ts';
export { findRequest, type Request } from './findRequest.ts';
export type { Item } from './item.ts';
export { findItems } from './items.ts';
export { findPairs, Pair } from './pairs.ts';
export { exclaimed, headerPriority, priorityIn } from './priority.ts';
export { findValues, Value } from './values.ts';
export { cleanSubject } from './subject.ts';
export { findEvents, type FoundEvent } from './events.ts';
