import type { Rule } from '@hatband/contract';
import { RuleDefinition } from '@hatband/core/rules';
import { useEffect, useState } from 'react';
import { useBlocker } from 'react-router';
import { Actions } from './Actions.tsx';
import { ProofPanel } from './ProofPanel.tsx';
import { RuleSheet } from './RuleSheet.tsx';
import css from './Rules.module.css';
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

function Workplace({ rule, all, definition, unsaved, onChange }: Props) {
  const proofs = useProof(rule, all, definition);
  const problem = RuleDefinition.safeParse(definition).error?.issues[0]?.message ?? null;
  useLeaveGuard(unsaved);
  return (
    <>
      <div className={css.middle}>
        <RuleSheet rule={rule} definition={definition} onChange={onChange} />
        <Actions
          rule={rule}
          all={all}
          definition={definition}
          unsaved={unsaved}
          problem={problem}
          proofs={proofs}
          onSaved={() => {
            onChange(null);
          }}
        />
      </div>
      <ProofPanel proofs={proofs} problem={problem} />
    </>
  );
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
