export { judge, type Knock, type Verdict } from './judge.ts';
export { deliveryKey, originKey } from './originKey.ts';
export { FAILURES, OPEN_POLICY, Policy, remediesFor, Remedy, type Failure } from './policy.ts';
export { isSameSending } from './sameSending.ts';
export { parseSenders } from './senderList.ts';
