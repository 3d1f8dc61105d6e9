import type { Rule } from '@hatband/contract';
import type { RuleDefinition } from '@hatband/core/rules';
import { Button } from 'antd';
import { useClock } from '../../shared/clock.ts';
import type { KeptDraft } from './keptDraft.ts';
import css from '../Rules.module.css';

interface Props {
  rule: Rule;
  kept: KeptDraft;
  /** The changes to go on with; null: they are given up. */
  onChoose: (definition: RuleDefinition | null) => void;
}

/** Offers back what was written to a rule and not saved before the page was left. */
export function KeptNote({ rule, kept, onChoose }: Props) {
  const clock = useClock();
  return (
    <div className={css.kept} role="status">
      <p>
        You have changes to this rule that are not saved, from {clock.ago(kept.at)}.
        {kept.revision !== rule.revision && ' The rule itself was changed since then.'}
      </p>
      <Button
        size="small"
        type="primary"
        onClick={() => {
          onChoose(kept.definition);
        }}
      >
        Continue with them
      </Button>
      <Button
        size="small"
        onClick={() => {
          onChoose(null);
        }}
      >
        Discard them
      </Button>
    </div>
  );
}
