export { BUILT_IN, builtInRule } from './model/builtIn.ts';
export { candidatesIn, type Candidate, type SoughtField } from './message/candidates.ts';
export { referenceOf } from './message/view.ts';
export { checkRule, type Problem } from './model/check.ts';
export { compile, compileRule, type CompiledRules } from './run/compile.ts';
export {
  CONDITION_KINDS,
  LeafCondition,
  sayCondition,
  type ConditionKind,
} from './kinds/conditions/index.ts';
export { isMeant, Who, whoIsMeant } from './kinds/conditions/who.ts';
export { Context, Named } from './message/context.ts';
export { differenceOf, type LineChange } from './say/difference.ts';
export { DueEffect, Effect, EFFECT_KINDS, sayEffect, type EffectKind } from './kinds/effects.ts';
export { Evidence, FieldEvidence, Held } from './model/evidence.ts';
export { evaluate, evaluateBuiltIn, evaluateOne, testRule, type EvaluateOptions } from './run/evaluate.ts';
export {
  parseRuleFile,
  RuleFile,
  ruleFileSchema,
  RuleState,
  writeRuleFile,
  type FileError,
  type FileRule,
} from './files/file.ts';
export {
  Delivery,
  Incoming,
  KnownTask,
  KnownTasks,
  Occasion,
  SOURCE_NAMES,
  SourceKind,
  Target,
} from './message/incoming.ts';
export { idsOf, knownTasks, referencesIn, referencesOf } from './message/knownTasks.ts';
export { isTooDeep } from './files/isTooDeep.ts';
export { issuesOf, type Misfit } from './files/issues.ts';
export { kindsPage } from './say/kindsPage.ts';
export { KEY_NAMES, LookupTable, problemOfRow, WrittenTable } from './message/lookupTable.ts';
export { Makes, MAKES_KINDS, sayMakes, type MakesKind } from './kinds/makes.ts';
export { leavesIn, namesIn, renameInRule } from './model/names.ts';
export {
  Made,
  MadeComment,
  NothingReason,
  Outcome,
  RuledOut,
  RuleTrace,
  type TriedReading,
} from './model/outcome.ts';
export { RuleOutcomeKind } from './model/outcomeKind.ts';
export { MadeTask } from './model/madeTask.ts';
export { Proposal } from './model/proposal.ts';
export { READING_KINDS, RuleReading, sayReading, type ReadingKind } from './kinds/readings/index.ts';
export { withNamesOfToday } from './files/renamedSteps.ts';
export type { NamedThing, Rename } from './message/rename.ts';
export { Ref, Route, RouteLine, sayLine } from './model/route.ts';
export { Band } from './model/band.ts';
export { NO_VALUE, ReadRow, RuleDefinition, RuleVersion, withIds, type RuleInput } from './model/rule.ts';
export { kindOfField } from './model/rows.ts';
export { MessageScope, sayScope, Scope } from './message/scope.ts';
export { fieldName } from './model/fieldName.ts';
export { sayAttempt, sayRule, sayTrace, type TraceLine } from './say/sentences.ts';
export { Start, START_KINDS, type StartKind } from './kinds/starts.ts';
export { sayStep, TIDY_KINDS, TidyStep, type TidyKind } from './kinds/tidy.ts';
export { Condition, Group, isGroup, sayWhen, Tested } from './model/when.ts';
