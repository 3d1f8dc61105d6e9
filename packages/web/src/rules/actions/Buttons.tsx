import { dropDraft, pauseRule, resumeRule, type Rule } from '@hatband/contract';
import { RuleDefinition, type Misfit } from '@hatband/core/rules';
import { Button } from 'antd';
import { call } from '../../api/call.ts';
import type { useAct } from '../../shared/useAct.ts';
import type { SampleProof } from '../proof/useProof.ts';
import css from '../Rules.module.css';
import { PlaceInOrder } from './PlaceInOrder.tsx';
import { LinkButton } from '../../shared/page/LinkButton.tsx';

/** What is asked about before it is done, or looked at. */
export type Asked = 'live' | 'delete' | 'versions' | null;

/** A rule as it is written now. */
export interface RuleAtHand {
  rule: Rule;
  all: readonly Rule[];
  definition: RuleDefinition;
  unsaved: boolean;
  /** What keeps the rule from working. */
  problems: readonly Misfit[];
  proofs: SampleProof[] | null;
  onSaved: () => void;
  /** Another order of the rules, to be looked at first. */
  onOrder: (order: string[]) => void;
}

interface Props extends RuleAtHand {
  act: ReturnType<typeof useAct>;
  save: () => Promise<Rule>;
  onAsk: (asked: Asked) => void;
}

/** A rule that names what is not there can be kept as a draft; one whose form is broken cannot. */
const isMalformed = (definition: RuleDefinition) => !RuleDefinition.safeParse(definition).success;

export function Buttons(props: Props) {
  const { rule, definition, unsaved, problems, proofs, act, save, onSaved, onAsk } = props;
  const changed = unsaved || rule.draft !== null;
  return (
    <div className={css.buttons}>
      <Button
        type="primary"
        disabled={!changed || problems.length > 0 || !proofs || act.isPending}
        onClick={() => {
          onAsk('live');
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
            act.mutate(() => call(dropDraft, { params: { id: rule.id }, revision: rule.revision }));
          }}
        >
          Throw the draft away
        </Button>
      )}
      <OfWholeRule {...props} />
    </div>
  );
}

/** What concerns the rule as a whole: its place, whether it works, its versions, its end. */
function OfWholeRule({ rule, all, unsaved, act, onAsk, onOrder }: Props) {
  const seen = { params: { id: rule.id }, revision: rule.revision };
  const isPaused = rule.state === 'paused';
  const link = (words: string, onClick: () => void) => (
    <LinkButton disabled={act.isPending} onClick={onClick}>
      {words}
    </LinkButton>
  );
  return (
    <span className={css.rest}>
      {!unsaved && <PlaceInOrder rule={rule} all={all} onMove={onOrder} />}
      {rule.version !== null &&
        !unsaved &&
        link(isPaused ? 'resume' : 'pause', () => {
          act.mutate(() => call(isPaused ? resumeRule : pauseRule, seen));
        })}
      {rule.version !== null &&
        link('versions', () => {
          onAsk('versions');
        })}
      {link('delete …', () => {
        onAsk('delete');
      })}
    </span>
  );
}
