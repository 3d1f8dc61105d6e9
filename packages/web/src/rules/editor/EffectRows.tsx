import { Effect, EFFECT_KINDS, sayEffect, type EffectKind, type RuleDefinition } from '@hatband/core/rules';
import { suggestFor, useEditing } from './editing.ts';
import { Choose } from '../../shared/forms/Choose.tsx';
import { KindForm } from '../../shared/forms/KindForm.tsx';
import { Row, TakeOff } from './Row.tsx';
import css from './RuleSheet.module.css';
import { emptyIn, schemaIn } from '../../shared/forms/schemaForm.ts';
import { useRows } from '../../shared/forms/useRows.ts';

const KINDS = (Object.keys(EFFECT_KINDS) as EffectKind[]).map((value) => ({
  value,
  label: EFFECT_KINDS[value].label,
}));

const AGAIN = [
  { value: 'offer' as const, label: 'mail that came another way before: offer to add it' },
  { value: 'make' as const, label: 'mail that came another way before: another task' },
];

const THEN = [
  { value: 'stop' as const, label: 'stop: no later rule is asked' },
  { value: 'go on' as const, label: 'go on: later rules fill what is empty' },
];

interface Props {
  definition: RuleDefinition;
  onChange: (part: Partial<RuleDefinition>) => void;
}

/** What happens outside Hatband, and whether later rules are asked. */
export function EffectRows({ definition, onChange }: Props) {
  const { setOpen } = useEditing();
  const rows = useRows(definition.effects, (effects) => {
    onChange({ effects });
  });
  return (
    <>
      {rows.entries.map(({ key, value: effect, change, remove }, i) => (
        <Row
          key={key}
          path={`effects.${String(i)}`}
          name={EFFECT_KINDS[effect.kind].label}
          words={sayEffect(effect)}
          actions={<TakeOff of={EFFECT_KINDS[effect.kind].label} onClick={remove} />}
        >
          <EffectForm effect={effect} onChange={change} />
        </Row>
      ))}
      <div className={css.thenLine}>
        <Choose
          size="small"
          variant="borderless"
          aria-label="then"
          value={definition.then}
          options={THEN}
          onChange={(then) => {
            onChange({ then });
          }}
        />
        <Choose
          size="small"
          variant="borderless"
          aria-label="mail that came before"
          value={definition.again}
          options={AGAIN}
          onChange={(again) => {
            onChange({ again });
          }}
        />
        <Choose
          size="small"
          variant="borderless"
          className={css.adder ?? ''}
          aria-label="add what happens"
          placeholder="and also …"
          value={null}
          options={KINDS}
          onChange={(kind) => {
            rows.insert(emptyIn(Effect, kind));
            setOpen(`effects.${String(rows.entries.length)}`);
          }}
        />
      </div>
    </>
  );
}

function EffectForm({ effect, onChange }: { effect: Effect; onChange: (effect: Effect) => void }) {
  const editing = useEditing();
  return (
    <KindForm
      schema={schemaIn(Effect, effect.kind)}
      value={effect}
      of={EFFECT_KINDS[effect.kind].label}
      suggest={(part) => (part === 'to' ? ['asker'] : suggestFor(effect.kind, editing)(part))}
      onChange={onChange}
    />
  );
}
