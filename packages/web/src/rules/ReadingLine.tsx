import {
  READING_KINDS,
  sayReading,
  sayStep,
  TidyStep,
  type ReadingKind,
  type RuleReading,
} from '@hatband/core/rules';
import { Select } from 'antd';
import type { z } from 'zod';
import { newReading, suggestFor, useEditing } from './editing.ts';
import { plain } from './GroupEditor.tsx';
import { KindForm } from '../shared/KindForm.tsx';
import { Earlier, Row, TakeOff } from './Row.tsx';
import css from './RuleSheet.module.css';
import { emptyOf } from '../shared/schemaForm.ts';

interface Props {
  field: string;
  reading: RuleReading;
  path: string;
  first: boolean;
  onChange: (reading: RuleReading) => void;
  onEarlier: () => void;
  onRemove: () => void;
}

/** One reading in words; open it shows its parts, its tidy steps and what it finds on the sample message. */
export function ReadingLine({ field, reading, path, first, onChange, onEarlier, onRemove }: Props) {
  const editing = useEditing();
  const { label, doc, schema } = READING_KINDS[reading.kind];
  return (
    <Row
      path={path}
      name={`${field}, ${label}`}
      words={
        <>
          {!first && <span className={css.quiet}>or </span>}
          {[sayReading(reading), ...reading.tidy.map(sayStep)].join(', ')}
        </>
      }
      actions={
        <>
          {!first && <Earlier of={label} onClick={onEarlier} />}
          <TakeOff of={label} onClick={onRemove} />
        </>
      }
    >
      <p className={css.doc}>{plain(doc)}</p>
      <KindForm
        schema={schema}
        value={reading}
        of={`${field}, ${label}`}
        suggest={suggestFor(reading.kind, editing)}
        onChange={(changed) => {
          onChange(changed as unknown as RuleReading);
        }}
      />
      <Tidy
        of={`${field}, ${label}`}
        steps={reading.tidy}
        onChange={(tidy) => {
          onChange({ ...reading, tidy });
        }}
      />
      <Sample reading={reading} />
    </Row>
  );
}

/** What the reading finds on the sample message. */
function Sample({ reading }: { reading: RuleReading }) {
  const { sample } = useEditing();
  const found = sample?.found.get(reading.id);
  if (!sample || found === undefined) return null;
  return (
    <p className={css.sample} role="status">
      on “{sample.subject}”: <b>{found}</b>
    </p>
  );
}

const STEPS = new Map<string, z.ZodObject>(
  TidyStep.def.options.map((schema) => [schema.shape.do.value, schema] as [string, z.ZodObject]),
);

function Tidy({
  of,
  steps,
  onChange,
}: {
  of: string;
  steps: readonly TidyStep[];
  onChange: (steps: TidyStep[]) => void;
}) {
  return (
    <div className={css.tidy}>
      {steps.map((step, i) => (
        <div key={i} className={css.step}>
          <span>{step.do}</span>
          <KindForm
            schema={stepSchema(step.do)}
            value={step}
            of={`${step.do} of ${of}`}
            suggest={() => []}
            onChange={(changed) => {
              onChange(steps.map((old, at) => (at === i ? (changed as unknown as TidyStep) : old)));
            }}
          />
          <span className={css.off}>
            <TakeOff
              of={step.do}
              onClick={() => {
                onChange(steps.toSpliced(i, 1));
              }}
            />
          </span>
        </div>
      ))}
      <Select
        size="small"
        variant="borderless"
        className={css.adder ?? ''}
        aria-label={`tidy ${of}`}
        placeholder="then tidy it …"
        popupMatchSelectWidth={false}
        value={null}
        options={[...STEPS.keys()].map((name) => ({ value: name, label: name }))}
        onSelect={(name: string | null) => {
          if (name !== null) onChange([...steps, emptyOf(stepSchema(name), name) as unknown as TidyStep]);
        }}
      />
    </div>
  );
}

function stepSchema(name: string): z.ZodObject {
  const schema = STEPS.get(name);
  if (!schema) throw new Error(`There is no step ${name}.`);
  return schema;
}

const KINDS = Object.keys(READING_KINDS) as ReadingKind[];

interface AddProps {
  field: string;
  first: boolean;
  /** Where the new one will stand. */
  path: string;
  onAdd: (reading: RuleReading) => void;
}

export function AddReading({ field, first, path, onAdd }: AddProps) {
  const { setOpen } = useEditing();
  return (
    <Select
      className={css.adder ?? ''}
      variant="borderless"
      size="small"
      showSearch
      optionFilterProp="label"
      aria-label={`add a reading for ${field}`}
      placeholder={first ? 'read it from …' : 'or else …'}
      popupMatchSelectWidth={false}
      value={null}
      options={KINDS.map((kind) => ({
        value: kind,
        label: READING_KINDS[kind].label,
        title: plain(READING_KINDS[kind].doc),
      })).toSorted((a, b) => a.label.localeCompare(b.label))}
      onSelect={(kind: ReadingKind | null) => {
        if (!kind) return;
        onAdd(newReading(kind));
        setOpen(path);
      }}
    />
  );
}
