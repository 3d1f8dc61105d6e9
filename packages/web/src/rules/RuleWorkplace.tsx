import type { Rule } from '@hatband/contract';
import { checkRule, Context, issuesOf, RuleDefinition, type Misfit } from '@hatband/core/rules';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useBlocker } from 'react-router';
import { Actions } from './Actions.tsx';
import { ProofPanel } from './ProofPanel.tsx';
import { samples } from './queries.ts';
import { RuleSheet } from './RuleSheet.tsx';
import css from './Rules.module.css';
import { sampleOf } from './sample.ts';
import { useProof } from './useProof.ts';

/** One rule being looked at or changed, with the proof of what it would do to the mail already there. */
export function RuleWorkplace({ rule, all }: { rule: Rule; all: readonly Rule[] }) {
  const saved = rule.draft ?? rule.live;
  const [changed, setChanged] = useState<RuleDefinition | null>(null);
  const definition = changed ?? saved;
  if (!definition) return null;
  return (
    <Workplace
      rule={rule}
      all={all}
      definition={definition}
      unsaved={changed !== null}
      onChange={setChanged}
    />
  );
}

interface Props {
  rule: Rule;
  all: readonly Rule[];
  definition: RuleDefinition;
  unsaved: boolean;
  /** null: the change is saved, or given up. */
  onChange: (definition: RuleDefinition | null) => void;
}

const NO_CONTEXT = Context.parse({});

function Workplace({ rule, all, definition, unsaved, onChange }: Props) {
  const { data } = useQuery(samples);
  const context = data?.context ?? NO_CONTEXT;
  const problems = problemsOf(definition, data ? context : null);
  const proofs = useProof(rule, all, definition, data);
  useLeaveGuard(unsaved);
  return (
    <>
      <div className={css.middle}>
        <RuleSheet
          rule={rule}
          definition={definition}
          context={context}
          problems={problems}
          sample={sampleOf(proofs, data)}
          onChange={onChange}
        />
        <Actions
          rule={rule}
          all={all}
          definition={definition}
          unsaved={unsaved}
          problems={problems}
          proofs={proofs}
          onSaved={() => {
            onChange(null);
          }}
          onTakeBack={onChange}
        />
      </div>
      <ProofPanel proofs={proofs} problem={problems[0]?.message ?? null} data={data} />
    </>
  );
}

/** What keeps the rule from working: its form first, then, once what it can name is known, its names. */
function problemsOf(definition: RuleDefinition, context: Context | null): Misfit[] {
  const parsed = RuleDefinition.safeParse(definition);
  if (!parsed.success) return issuesOf(parsed.error);
  return context ? checkRule(parsed.data, context) : [];
}

/** Unsaved changes are not lost by a click on another screen. */
function useLeaveGuard(unsaved: boolean): void {
  const blocker = useBlocker(unsaved);
  useEffect(() => {
    if (blocker.state !== 'blocked') return;
    if (window.confirm('Leave this rule? Your changes to it are not saved.')) blocker.proceed();
    else blocker.reset();
  }, [blocker]);
  useEffect(() => {
    if (!unsaved) return;
    const warn = (event: BeforeUnloadEvent) => {
      event.preventDefault();
    };
    window.addEventListener('beforeunload', warn);
    return () => {
      window.removeEventListener('beforeunload', warn);
    };
  }, [unsaved]);
}
