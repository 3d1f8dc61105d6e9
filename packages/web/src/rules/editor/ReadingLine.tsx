import {
  READING_KINDS,
  sayReading,
  sayStep,
  TIDY_KINDS,
  TidyStep,
  type ReadingKind,
  type RuleReading,
  type TidyKind,
} from '@hatband/core/rules';
import { Select } from 'antd';
import { hintOf, newReading, problemsAt, suggestFor, useEditing } from './editing.ts';
import { KindForm } from '../../shared/forms/KindForm.tsx';
import { AddKind } from './AddKind.tsx';
import { dayText, useClock } from '../../shared/clock.ts';
import { Earlier, Row, TakeOff } from './Row.tsx';
import css from './RuleSheet.module.css';
import { findOn } from '../proof/sample.ts';
import { emptyIn, schemaIn } from '../../shared/forms/schemaForm.ts';
import { useRows } from '../../shared/forms/useRows.ts';

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
  const isWritten = problemsAt(editing.problems, path).length === 0;
  return (
    <Row
      path={path}
      name={`${field}, ${label}`}
      words={
        <>
          {!first && <span className={css.quiet}>or </span>}
          {isWritten ? [sayReading(reading), ...reading.tidy.map(sayStep)].join(', ') : `${label} …`}
        </>
      }
      actions={
        <>
          {!first && <Earlier of={label} onClick={onEarlier} />}
          <TakeOff of={label} onClick={onRemove} />
        </>
      }
    >
      <p className={css.doc}>{hintOf(doc)}</p>
      <KindForm
        schema={schema}
        value={reading}
        of={`${field}, ${label}`}
        suggest={suggestFor(reading.kind, editing)}
        onChange={onChange}
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

/** What the reading finds on the sample message; a day as one is used to see it. */
function Sample({ reading }: { reading: RuleReading }) {
  const { sample, definition, context } = useEditing();
  const clock = useClock();
  if (!sample) return null;
  const found = findOn(sample, definition, reading.id, context);
  if (found === null) return null;
  return (
    <p className={css.sample} role="status">
      on “{sample.reading.message.subject || '(no subject)'}”:{' '}
      <b>{/^\d{4}-\d\d-\d\d(T\d\d:\d\d)?$/.test(found) ? dayText(found, clock.today) : found}</b>
    </p>
  );
}

const STEPS = (Object.keys(TIDY_KINDS) as TidyKind[]).map((value) => ({
  value,
  label: TIDY_KINDS[value].label,
}));

function Tidy({
  of,
  steps,
  onChange,
}: {
  of: string;
  steps: readonly TidyStep[];
  onChange: (steps: TidyStep[]) => void;
}) {
  const rows = useRows(steps, onChange);
  return (
    <div className={css.tidy}>
      {rows.entries.map(({ key, value: step, change, remove }) => (
        <div key={key} className={css.step}>
          <span>{step.do}</span>
          <KindForm
            schema={schemaIn(TidyStep, step.do)}
            value={step}
            of={`${step.do} of ${of}`}
            suggest={() => []}
            onChange={change}
          />
          <span className={css.off}>
            <TakeOff of={step.do} onClick={remove} />
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
        options={STEPS}
        onSelect={(name: string | null) => {
          if (name !== null) rows.insert(emptyIn(TidyStep, name));
        }}
      />
    </div>
  );
}

const KINDS = (Object.keys(READING_KINDS) as ReadingKind[])
  .map((value) => ({ value, label: READING_KINDS[value].label, doc: READING_KINDS[value].doc }))
  .toSorted((a, b) => a.label.localeCompare(b.label));

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
    <AddKind
      name={`add a reading for ${field}`}
      words={first ? 'read it from …' : 'or else …'}
      kinds={KINDS}
      onAdd={(kind) => {
        onAdd(newReading(kind));
        setOpen(path);
      }}
    />
  );
}
