import type { Rule } from '@hatband/contract';
import { checkRule, Context, issuesOf, RuleDefinition, type Misfit } from '@hatband/core/rules';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { Boundary } from '../shared/page/Boundary.tsx';
import { RuleActions } from './actions/RuleActions.tsx';
import { forgetDraft, keepDraft, keptDraft } from './drafts/keptDraft.ts';
import { KeptNote } from './drafts/KeptNote.tsx';
import { MoveNote } from './stack/MoveNote.tsx';
import { moveBefore } from './stack/order.ts';
import { ProofPanel } from './proof/ProofPanel.tsx';
import { samples, type Samples } from './queries.ts';
import { RuleSheet } from './editor/RuleSheet.tsx';
import css from './Rules.module.css';
import { sampleOf } from './proof/sample.ts';
import { useProof } from './proof/useProof.ts';

interface WorkplaceProps {
  rule: Rule;
  /** In the order in which they are asked. */
  all: readonly Rule[];
  /** Another order that is being looked at. */
  order: readonly string[] | null;
  onOrder: (order: string[] | null) => void;
}

/** One rule being looked at or changed, with the proof of what it would do to the mail already there. */
export function RuleWorkplace({ rule, all, order, onOrder }: WorkplaceProps) {
  const saved = rule.draft ?? rule.live;
  const [changed, setChanged] = useState<RuleDefinition | null>(null);
  const [kept, setKept] = useState(() => keptDraft(rule.id));
  const definition = changed ?? saved;
  const change = (next: RuleDefinition | null) => {
    if (next === null) forgetDraft(rule.id);
    else keepDraft(rule.id, rule.revision, next);
    setKept(null);
    setChanged(next);
  };
  if (!definition) return null;
  const offered = kept && JSON.stringify(kept.definition) !== JSON.stringify(saved) ? kept : null;
  return (
    <Boundary what="this rule">
      <Workplace
        rule={rule}
        all={all}
        order={order}
        onOrder={onOrder}
        definition={definition}
        unsaved={changed !== null}
        offer={offered && <KeptNote rule={rule} kept={offered} onChoose={change} />}
        onChange={change}
      />
    </Boundary>
  );
}

interface Props extends WorkplaceProps {
  definition: RuleDefinition;
  unsaved: boolean;
  /** Changes of before that were not saved. */
  offer: ReactNode;
  /** null: the change is saved, or given up. */
  onChange: (definition: RuleDefinition | null) => void;
}

const NO_CONTEXT = Context.parse({});

function Workplace({ rule, all, order, onOrder, definition, unsaved, offer, onChange }: Props) {
  const { data } = useQuery(samples);
  const context = data?.context ?? NO_CONTEXT;
  const problems = problemsOf(definition, data ? context : null);
  const proofs = useProof(rule, all, definition, order, data);
  const askBefore = (other: string) => {
    onOrder(moveBefore(all, rule.id, other));
  };
  return (
    <>
      <div className={css.middle}>
        {offer}
        <RuleSheet
          rule={rule}
          definition={definition}
          context={context}
          problems={problems}
          sample={sampleOf(proofs, data)}
          senders={sendersIn(data)}
          onChange={onChange}
        />
        {order && (
          <MoveNote
            rule={rule}
            order={order}
            proofs={proofs}
            onDone={() => {
              onOrder(null);
            }}
          />
        )}
        {!order && (
          <RuleActions
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
            onOrder={onOrder}
          />
        )}
      </div>
      <Boundary what="the proof">
        <ProofPanel
          proofs={proofs}
          problem={problems[0]?.message ?? null}
          data={data}
          onAskBefore={unsaved || order ? null : askBefore}
        />
      </Boundary>
    </>
  );
}

const sendersIn = (data: Samples | undefined) => [
  ...new Set(
    (data?.items ?? []).flatMap(({ incoming }) => incoming.reading.anatomy.who?.address.toLowerCase() ?? []),
  ),
];

/** What keeps the rule from working: its form first, then, once what it can name is known, its names. */
function problemsOf(definition: RuleDefinition, context: Context | null): Misfit[] {
  const parsed = RuleDefinition.safeParse(definition);
  if (!parsed.success) return issuesOf(parsed.error);
  return context ? checkRule(parsed.data, context) : [];
}
