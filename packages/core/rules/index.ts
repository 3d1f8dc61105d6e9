export { BUILT_IN } from './builtIn.ts';
export { checkRule, type Problem } from './check.ts';
export { compile, compileRule, type CompiledRules } from './compile.ts';
export { CONDITION_KINDS, LeafCondition, sayCondition, type ConditionKind } from './conditions/index.ts';
export { isMeant, Who, whoIsMeant } from './conditions/who.ts';
export { Context, Named } from './context.ts';
export { differenceOf, type LineChange } from './difference.ts';
export { DueEffect, Effect, EFFECT_KINDS, sayEffect, type EffectKind } from './effects.ts';
export { Evidence, FieldEvidence, Held } from './evidence.ts';
export { evaluate, evaluateBuiltIn, evaluateOne, testRule, type EvaluateOptions } from './evaluate.ts';
export {
  parseRuleFile,
  RuleFile,
  ruleFileSchema,
  RuleState,
  writeRuleFile,
  type FileError,
  type FileRule,
} from './file.ts';
export { Delivery, Incoming, KnownTask, KnownTasks, Occasion, SourceKind, Target } from './incoming.ts';
export { idsOf, knownTasks, referencesIn, referencesOf } from './knownTasks.ts';
export { isTooDeep } from './isTooDeep.ts';
export { issuesOf, type Misfit } from './issues.ts';
export { kindsPage } from './kindsPage.ts';
export { KEY_NAMES, LookupTable, problemOfRow, WrittenTable } from './lookupTable.ts';
export { Makes, MAKES_KINDS, sayMakes, type MakesKind } from './makes.ts';
export { leavesIn, namesIn, renameInRule } from './names.ts';
export {
  Made,
  MadeComment,
  NothingReason,
  Outcome,
  RuledOut,
  RuleTrace,
  type TriedReading,
} from './outcome.ts';
export { MadeTask } from './madeTask.ts';
export { Proposal } from './proposal.ts';
export { READING_KINDS, RuleReading, sayReading, type ReadingKind } from './readings/index.ts';
export { withNamesOfToday } from './renamedSteps.ts';
export type { NamedThing, Rename } from './rename.ts';
export { Ref, Route, RouteLine, sayLine } from './route.ts';
export { Band } from './band.ts';
export { NO_VALUE, ReadRow, RuleDefinition, RuleVersion, withIds, type RuleInput } from './rule.ts';
export { kindOfField } from './rows.ts';
export { MessageScope, sayScope, Scope } from './scope.ts';
export { fieldName } from './fieldName.ts';
export { sayAttempt, sayRule, sayTrace, type TraceLine } from './sentences.ts';
export { Start, START_KINDS, type StartKind } from './starts.ts';
export { sayStep, TIDY_KINDS, TidyStep, type TidyKind } from './tidy.ts';
export { Condition, Group, isGroup, openGroup, sayWhen, Tested } from './when.ts';
