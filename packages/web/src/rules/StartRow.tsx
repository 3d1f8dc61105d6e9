import { Start } from '@hatband/core/rules';

import { Choose } from '../shared/Choose.tsx';
import { Words } from '../shared/KindForm.tsx';
import css from './RuleSheet.module.css';

const STARTS: { value: Start['kind']; label: string }[] = [
  { value: 'arrival', label: 'as soon as it arrives' },
  { value: 'label', label: 'when it is labelled' },
  { value: 'flag', label: 'when it is flagged' },
  { value: 'hand', label: 'when I choose so' },
];

const startOf = (kind: Start['kind']): Start => {
  if (kind === 'label') return { kind, is: [] };
  return kind === 'hand' ? { kind, look: false } : { kind };
};

const LOOKS = [
  { value: 'at once', label: 'saved at once' },
  { value: 'look', label: 'after a look at the filled-in task' },
];

/** What sets the rule to work. */
export function StartRow({ start, onChange }: { start: Start; onChange: (start: Start) => void }) {
  return (
    <div className={css.start}>
      <Choose
        size="small"
        variant="borderless"
        aria-label="start"
        value={start.kind}
        options={STARTS}
        onChange={(kind) => {
          onChange(startOf(kind));
        }}
      />
      {start.kind === 'label' && (
        <Words
          name="labels that start it"
          words={start.is}
          onChange={(is) => {
            onChange({ kind: 'label', is });
          }}
        />
      )}
      {start.kind === 'hand' && (
        <Choose
          size="small"
          variant="borderless"
          aria-label="a look before it is saved"
          value={start.look ? 'look' : 'at once'}
          options={LOOKS}
          onChange={(chosen) => {
            onChange({ kind: 'hand', look: chosen === 'look' });
          }}
        />
      )}
    </div>
  );
}
