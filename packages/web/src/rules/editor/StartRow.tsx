import { Start, START_KINDS, type StartKind } from '@hatband/core/rules';
import { Choose } from '../../shared/forms/Choose.tsx';
import { Words } from '../../shared/forms/Words.tsx';
import { emptyIn } from '../../shared/forms/schemaForm.ts';
import css from './RuleSheet.module.css';

const STARTS = (Object.keys(START_KINDS) as StartKind[]).map((value) => ({
  value,
  label: START_KINDS[value].label,
}));

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
          onChange(emptyIn(Start, kind));
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
