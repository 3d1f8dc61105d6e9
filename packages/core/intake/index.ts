export { judge, type Knock, type Verdict } from './judge.ts';
export { coveringWords, deliveryKey, mayBeOneSending, originalOf, type Original } from './original.ts';
export { FAILURES, OPEN_POLICY, Policy, remediesFor, Remedy, type Failure } from './policy.ts';
export { parseSenders } from './senderList.ts';
