import { orderRules, type Rule } from '@hatband/contract';
import { Button } from 'antd';
import { call } from '../../api/call.ts';
import { ErrorLine } from '../../shared/page/Page.tsx';
import { useAct } from '../../shared/useAct.ts';
import { effectOf, sayEffect } from '../proof/effect.ts';
import css from '../Rules.module.css';
import type { SampleProof } from '../proof/useProof.ts';

interface Props {
  rule: Rule;
  /** The ids of all rules in their new order. */
  order: readonly string[];
  proofs: SampleProof[] | null;
  onDone: () => void;
}

/** Another place in the order, with its effect on the mail already here, before it holds. */
export function MoveNote({ rule, order, proofs, onDone }: Props) {
  const act = useAct('rule');
  const name = (rule.live ?? rule.draft)?.name ?? '';
  const place = order.indexOf(rule.id) + 1;
  const move = () => {
    act.mutate(() => call(orderRules, { body: { ids: [...order] } }), { onSuccess: onDone });
  };
  return (
    <div className={css.actions}>
      <div className={css.effect} role="alertdialog" aria-label="Another order">
        <p>
          {name} would stand at place {place} of {order.length}. {proofs && sayEffect(effectOf(proofs))}
        </p>
        <Button autoFocus type="primary" loading={act.isPending} disabled={!proofs} onClick={move}>
          Ask in this order
        </Button>
        <Button onClick={onDone}>Keep the old order</Button>
        <ErrorLine error={act.error} />
      </div>
    </div>
  );
}
