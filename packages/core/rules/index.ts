export { BUILT_IN } from './builtIn.ts';
export { Condition, CONDITION_KINDS, sayCondition, type ConditionKind } from './conditions/index.ts';
export { evaluate, testAll } from './evaluate.ts';
export { Incoming, Target, type Names } from './incoming.ts';
export { Evidence, FieldEvidence, MadeTask, Outcome, RuleTrace } from './outcome.ts';
export { READING_KINDS, RuleReading, sayReading, type ReadingKind } from './readings/index.ts';
export { Band, FieldRow, Route, RuleDefinition, RuleVersion } from './rule.ts';
export { sayAttempt, sayRule, sayTrace, type TraceLine } from './sentences.ts';
