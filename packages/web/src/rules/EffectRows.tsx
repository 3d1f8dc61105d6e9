import { Effect, sayEffect, type RuleDefinition } from '@hatband/core/rules';
import { Select } from 'antd';
import type { z } from 'zod';
import { useEditing } from './editing.ts';
import { KindForm } from '../shared/KindForm.tsx';
import { Row, TakeOff } from './Row.tsx';
import css from './RuleSheet.module.css';
import { emptyOf } from '../shared/schemaForm.ts';

const SCHEMAS = new Map<string, z.ZodObject>(
  Effect.def.options.map((schema) => [schema.shape.kind.value, schema] as [string, z.ZodObject]),
);
const NAMES: Record<Effect['kind'], string> = {
  label: 'set or take off labels',
  flag: 'flag it',
  move: 'move it to a folder',
  'mark as read': 'mark it as read',
  send: 'send mail',
};

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
  const { effects } = definition;
  return (
    <>
      {effects.map((effect, i) => (
        <Row
          key={i}
          path={`effects.${String(i)}`}
          name={NAMES[effect.kind]}
          words={sayEffect(effect)}
          actions={
            <TakeOff
              of={NAMES[effect.kind]}
              onClick={() => {
                onChange({ effects: effects.toSpliced(i, 1) });
              }}
            />
          }
        >
          <EffectForm
            effect={effect}
            onChange={(changed) => {
              onChange({ effects: effects.map((old, at) => (at === i ? changed : old)) });
            }}
          />
        </Row>
      ))}
      <div className={css.thenLine}>
        <Select
          size="small"
          variant="borderless"
          aria-label="then"
          popupMatchSelectWidth={false}
          value={definition.then}
          options={THEN}
          onChange={(then) => {
            onChange({ then });
          }}
        />
        <Select
          size="small"
          variant="borderless"
          className={css.adder ?? ''}
          aria-label="add what happens"
          placeholder="and also …"
          popupMatchSelectWidth={false}
          value={null}
          options={Effect.def.options.map(({ shape }) => ({
            value: shape.kind.value,
            label: NAMES[shape.kind.value],
          }))}
          onSelect={(kind: Effect['kind'] | null) => {
            const schema = SCHEMAS.get(kind ?? '');
            if (!schema || kind === null) return;
            onChange({ effects: [...effects, emptyOf(schema, kind) as unknown as Effect] });
            setOpen(`effects.${String(effects.length)}`);
          }}
        />
      </div>
    </>
  );
}

function EffectForm({ effect, onChange }: { effect: Effect; onChange: (effect: Effect) => void }) {
  const schema = SCHEMAS.get(effect.kind);
  if (!schema) return null;
  return (
    <KindForm
      schema={schema}
      value={effect}
      of={NAMES[effect.kind]}
      suggest={(part) => (part === 'to' ? ['asker'] : [])}
      onChange={(changed) => {
        onChange(changed as unknown as Effect);
      }}
    />
  );
}
