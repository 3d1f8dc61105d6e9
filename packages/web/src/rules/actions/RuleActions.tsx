import { deleteRule, goLive, saveDraft } from '@hatband/contract';
import type { Misfit, RuleDefinition } from '@hatband/core/rules';
import { useState } from 'react';
import { call } from '../../api/call.ts';
import { ErrorLine } from '../../shared/page/Page.tsx';
import { useAct } from '../../shared/useAct.ts';
import css from '../Rules.module.css';
import { Buttons, type Asked, type RuleAtHand } from './Buttons.tsx';
import { DeleteRule, GoLive } from './Confirm.tsx';
import { Versions } from './Versions.tsx';

interface Props extends RuleAtHand {
  /** A version of before becomes what is written now. */
  onTakeBack: (definition: RuleDefinition) => void;
}

/** What can be done with the rule as it stands; going live shows its effect first. */
export function RuleActions(props: Props) {
  const { rule, definition, unsaved, problems, proofs, onSaved, onTakeBack } = props;
  const [asked, setAsked] = useState<Asked>(null);
  const act = useAct('rule');
  const leave = () => {
    setAsked(null);
  };
  // What was asked for meanwhile stays open.
  const settle = (work: () => Promise<unknown>) => {
    act.mutate(work, {
      onSuccess: () => {
        leave();
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
  const asking = { isPending: act.isPending, onNo: leave };
  return (
    <div className={css.actions}>
      <NotRight problems={problems} />
      <ErrorLine error={act.error} />
      {asked === 'live' && (
        <GoLive
          {...asking}
          version={(rule.version ?? 0) + 1}
          proofs={proofs}
          onYes={() => {
            settle(live);
          }}
        />
      )}
      {asked === 'delete' && (
        <DeleteRule
          {...asking}
          onYes={() => {
            settle(() => call(deleteRule, seen));
          }}
        />
      )}
      {asked === 'versions' && (
        <Versions
          rule={rule}
          definition={definition}
          onTakeBack={(old) => {
            leave();
            onTakeBack(old);
          }}
          onClose={leave}
        />
      )}
      {asked === null && <Buttons {...props} act={act} save={save} onAsk={setAsked} />}
    </div>
  );
}

function NotRight({ problems }: { problems: readonly Misfit[] }) {
  const [first] = problems;
  if (!first) return null;
  return (
    <p className={css.problems} role="status">
      {problems.length === 1 ? 'One thing is' : `${String(problems.length)} things are`} not right yet:{' '}
      {first.message}
    </p>
  );
}
