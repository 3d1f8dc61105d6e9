import {
  deleteRule,
  dropDraft,
  goLive,
  pauseRule,
  resumeRule,
  saveDraft,
  type Rule,
} from '@hatband/contract';
import { RuleDefinition, type Misfit } from '@hatband/core/rules';
import { Button } from 'antd';
import { useState } from 'react';
import { Choose } from '../../shared/forms/Choose.tsx';
import { call } from '../../api/call.ts';
import { useAct } from '../../shared/useAct.ts';
import { ErrorLine } from '../../shared/page/Page.tsx';
import { AffectedMail } from '../proof/AffectedMail.tsx';
import { moveTo } from '../stack/order.ts';
import { effectOf, sayEffect } from '../proof/effect.ts';
import css from '../Rules.module.css';
import type { SampleProof } from '../proof/useProof.ts';
import { Versions } from './Versions.tsx';

interface Props {
  rule: Rule;
  all: readonly Rule[];
  definition: RuleDefinition;
  unsaved: boolean;
  /** What keeps the rule from working. */
  problems: readonly Misfit[];
  proofs: SampleProof[] | null;
  onSaved: () => void;
  /** A version of before becomes what is written now. */
  onTakeBack: (definition: RuleDefinition) => void;
  /** Another order of the rules, to be looked at first. */
  onOrder: (order: string[]) => void;
}

/** What can be done with the rule as it stands; going live shows its effect first. */
export function Actions({
  rule,
  all,
  definition,
  unsaved,
  problems,
  proofs,
  onSaved,
  onTakeBack,
  onOrder,
}: Props) {
  const [asking, setAsking] = useState<'live' | 'delete' | 'versions' | null>(null);
  const act = useAct('rule');
  // What was asked for meanwhile stays open.
  const settle = (work: () => Promise<unknown>) => {
    act.mutate(work, {
      onSuccess: () => {
        setAsking(null);
        onSaved();
      },
    });
  };
  const seen = { params: { id: rule.id }, revision: rule.revision };
  const save = () => call(saveDraft, { ...seen, body: { definition } });
  const live = async () => {
    const { revision } = unsaved ? await save() : rule;
    return call(goLive, { ...seen, revision });
  };
  const changed = unsaved || rule.draft !== null;
  return (
    <div className={css.actions}>
      {problems.length > 0 && (
        <p className={css.problems} role="status">
          {problems.length === 1 ? 'One thing is' : `${String(problems.length)} things are`} not right yet:{' '}
          {problems[0]?.message}
        </p>
      )}
      <ErrorLine error={act.error} />
      {asking === 'live' && (
        <div className={css.effect} role="alertdialog" aria-label="Going live">
          <p>
            Version {(rule.version ?? 0) + 1} works on mail from now on; tasks already made stay as they are.{' '}
            {proofs && sayEffect(effectOf(proofs))}
          </p>
          {proofs && <AffectedMail proofs={proofs} />}
          <Button
            autoFocus
            type="primary"
            loading={act.isPending}
            onClick={() => {
              settle(live);
            }}
          >
            Put version {(rule.version ?? 0) + 1} to work
          </Button>
          <Button
            onClick={() => {
              setAsking(null);
            }}
          >
            Not yet
          </Button>
        </div>
      )}
      {asking === 'delete' && (
        <div className={css.effect} role="alertdialog" aria-label="Deleting">
          <p>Mail that it would have taken goes to the rules below it. Its tasks stay.</p>
          <Button
            autoFocus
            danger
            type="primary"
            loading={act.isPending}
            onClick={() => {
              settle(() => call(deleteRule, seen));
            }}
          >
            Delete the rule
          </Button>
          <Button
            onClick={() => {
              setAsking(null);
            }}
          >
            Keep it
          </Button>
        </div>
      )}
      {asking === 'versions' && (
        <Versions
          rule={rule}
          definition={definition}
          onTakeBack={(old) => {
            setAsking(null);
            onTakeBack(old);
          }}
          onClose={() => {
            setAsking(null);
          }}
        />
      )}
      {asking === null && (
        <div className={css.buttons}>
          <Button
            type="primary"
            disabled={!changed || problems.length > 0 || !proofs || act.isPending}
            onClick={() => {
              setAsking('live');
            }}
          >
            Go live …
          </Button>
          <Button
            disabled={!unsaved || isMalformed(definition)}
            loading={act.isPending}
            onClick={() => {
              act.mutate(save, { onSuccess: onSaved });
            }}
          >
            Save as draft
          </Button>
          {unsaved && <Button onClick={onSaved}>Undo my changes</Button>}
          {!unsaved && rule.draft !== null && rule.version !== null && (
            <Button
              onClick={() => {
                act.mutate(() => call(dropDraft, seen));
              }}
            >
              Throw the draft away
            </Button>
          )}
          <span className={css.rest}>
            <Order
              rule={rule}
              all={all}
              onMove={(ids) => {
                onOrder(ids);
              }}
              disabled={unsaved}
            />
            {rule.version !== null && !unsaved && (
              <button
                type="button"
                className="link"
                disabled={act.isPending}
                onClick={() => {
                  act.mutate(() => call(rule.state === 'paused' ? resumeRule : pauseRule, seen));
                }}
              >
                {rule.state === 'paused' ? 'resume' : 'pause'}
              </button>
            )}
            {rule.version !== null && (
              <button
                type="button"
                className="link"
                disabled={act.isPending}
                onClick={() => {
                  setAsking('versions');
                }}
              >
                versions
              </button>
            )}
            <button
              type="button"
              className="link"
              disabled={act.isPending}
              onClick={() => {
                setAsking('delete');
              }}
            >
              delete …
            </button>
          </span>
        </div>
      )}
    </div>
  );
}

/** A rule that names what is not there can be kept as a draft; one whose form is broken cannot. */
const isMalformed = (definition: RuleDefinition) => !RuleDefinition.safeParse(definition).success;

function Order({
  rule,
  all,
  onMove,
  disabled,
}: {
  rule: Rule;
  all: readonly Rule[];
  onMove: (ids: string[]) => void;
  disabled: boolean;
}) {
  const ids = all.map((r) => r.id);
  const at = ids.indexOf(rule.id);
  if (disabled || ids.length < 2) return null;
  const places = all.map((r, to) => ({
    value: to,
    label:
      to === at
        ? `asked ${String(to + 1)}. of ${String(ids.length)}`
        : `${String(to + 1)}. ${placeWords(to, at, r)}`,
  }));
  return (
    <Choose
      size="small"
      variant="borderless"
      aria-label="place in the order"
      value={at}
      options={places}
      onChange={(to) => {
        onMove(moveTo(all, rule.id, to));
      }}
    />
  );
}

const placeWords = (to: number, at: number, { draft, live }: Rule) =>
  `${to < at ? 'before' : 'after'} ${(live ?? draft)?.name ?? ''}`;
