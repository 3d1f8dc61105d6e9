import { READING_KINDS, type FieldRow, type ReadingKind, type RuleReading } from '@hatband/core/rules';
import { Priority, ReadField } from '@hatband/core/tasks';
import { DatePicker, Input, Select } from 'antd';
import dayjs from 'dayjs';
import { newReadingId } from './newRule.ts';
import css from './RuleSheet.module.css';
import { Words } from './WhenTable.tsx';

interface Props {
  rows: readonly FieldRow[];
  onChange: (rows: FieldRow[]) => void;
}

/** A row a field: its readings in their order, the first that finds a value wins, and what holds otherwise. */
export function ReadTable({ rows, onChange }: Props) {
  const rowOf = (field: ReadField): FieldRow =>
    rows.find((row) => row.field === field) ?? { field, readings: [], otherwise: null };
  const set = (changed: FieldRow) => {
    const all = ReadField.options.map((field) => (field === changed.field ? changed : rowOf(field)));
    onChange(all.filter((row) => row.readings.length > 0 || row.otherwise !== null));
  };
  return (
    <>
      <h2 className={css.heading}>
        Read <span>the first that finds a value wins</span>
      </h2>
      <table className={`${css.table ?? ''} ${css.narrow ?? ''}`}>
        <tbody>
          {ReadField.options.map((field) => (
            <ReadRow key={field} row={rowOf(field)} onChange={set} />
          ))}
        </tbody>
      </table>
    </>
  );
}

function ReadRow({ row, onChange }: { row: FieldRow; onChange: (row: FieldRow) => void }) {
  const { field, readings } = row;
  const setReadings = (changed: RuleReading[]) => {
    onChange({ ...row, readings: changed });
  };
  return (
    <tr>
      <th style={{ color: `var(--field-${field})` }}>{field}</th>
      <td>
        {readings.map((reading, at) => (
          <ReadingLine
            key={reading.id}
            field={field}
            reading={reading}
            first={at === 0}
            onChange={(changed) => {
              setReadings(readings.map((old, i) => (i === at ? changed : old)));
            }}
            onEarlier={() => {
              setReadings(readings.toSpliced(at, 1).toSpliced(at - 1, 0, reading));
            }}
            onRemove={() => {
              setReadings(readings.toSpliced(at, 1));
            }}
          />
        ))}
        <AddReading
          field={field}
          first={readings.length === 0}
          onAdd={(reading) => {
            setReadings([...readings, reading]);
          }}
        />
      </td>
      <td className={css.otherwise}>
        <span>otherwise</span>
        <FixedEditor
          field={field}
          value={row.otherwise?.value ?? null}
          onChange={(value) => {
            const otherwise =
              value === null
                ? null
                : { kind: 'fixedValue' as const, id: row.otherwise?.id ?? newReadingId(), value };
            onChange({ ...row, otherwise });
          }}
        />
      </td>
    </tr>
  );
}

/** What each kind starts as. */
const START: { [K in ReadingKind]: (field: ReadField) => Omit<Extract<RuleReading, { kind: K }>, 'id'> } = {
  requestTitle: () => ({ kind: 'requestTitle' }),
  cleanedSubject: () => ({ kind: 'cleanedSubject' }),
  deadlinePhrase: () => ({ kind: 'deadlinePhrase' }),
  statedPriority: () => ({ kind: 'statedPriority' }),
  labelledLine: (field) => ({
    kind: 'labelledLine',
    labels: [field.replace(/^./, (c) => c.toUpperCase())],
  }),
  fixedValue: (field) => ({
    kind: 'fixedValue',
    value: field === 'priority' ? 'medium' : field === 'due' ? dayjs().format('YYYY-MM-DD') : 'A task',
  }),
};
const KINDS = Object.keys(READING_KINDS) as ReadingKind[];

function AddReading({
  field,
  first,
  onAdd,
}: {
  field: ReadField;
  first: boolean;
  onAdd: (reading: RuleReading) => void;
}) {
  const options = KINDS.filter((kind) => READING_KINDS[kind].fields.includes(field)).map((kind) => ({
    value: kind,
    label: READING_KINDS[kind].label,
    title: READING_KINDS[kind].doc,
  }));
  return (
    <Select
      className={css.addReading ?? ''}
      variant="borderless"
      size="small"
      aria-label={`add a reading for ${field}`}
      placeholder={first ? 'read it from …' : 'or else …'}
      popupMatchSelectWidth={false}
      value={null}
      options={options}
      onSelect={(kind: ReadingKind | null) => {
        if (kind) onAdd({ ...START[kind](field), id: newReadingId() });
      }}
    />
  );
}

interface ReadingLineProps {
  field: ReadField;
  reading: RuleReading;
  first: boolean;
  onChange: (reading: RuleReading) => void;
  onEarlier: () => void;
  onRemove: () => void;
}

function ReadingLine({ field, reading, first, onChange, onEarlier, onRemove }: ReadingLineProps) {
  const { label } = READING_KINDS[reading.kind];
  return (
    <div className={css.reading}>
      <span className={css.readingName}>{label}</span>
      <div className={css.readingInput}>
        {reading.kind === 'labelledLine' && (
          <Words
            name={`labels for ${field}`}
            placeholder="Due"
            words={reading.labels}
            onChange={(labels) => {
              onChange({ ...reading, labels });
            }}
          />
        )}
        {reading.kind === 'fixedValue' && (
          <FixedEditor
            field={field}
            value={reading.value}
            onChange={(value) => {
              if (value !== null) onChange({ ...reading, value });
            }}
          />
        )}
      </div>
      <span className={css.off}>
        {!first && (
          <button type="button" aria-label={`try earlier: ${label}`} onClick={onEarlier}>
            ↑
          </button>
        )}
        <button type="button" aria-label={`take off: ${label}`} onClick={onRemove}>
          ✕
        </button>
      </span>
    </div>
  );
}

const PRIORITIES = [...Priority.options, 'nothing'].map((value) => ({ value, label: value }));

/** A value of the field's own kind; empty is nothing. */
function FixedEditor({
  field,
  value,
  onChange,
}: {
  field: ReadField;
  value: string | null;
  onChange: (value: string | null) => void;
}) {
  const name = `fixed ${field}`;
  if (field === 'priority') {
    return (
      <Select
        variant="borderless"
        size="small"
        className={css.wide ?? ''}
        aria-label={name}
        value={value ?? 'nothing'}
        options={PRIORITIES}
        onChange={(chosen: string) => {
          onChange(chosen === 'nothing' ? null : chosen);
        }}
      />
    );
  }
  if (field === 'due') {
    return (
      <DatePicker
        variant="borderless"
        size="small"
        aria-label={name}
        placeholder="nothing"
        format="D MMM YYYY"
        value={value === null ? null : dayjs(value)}
        onChange={(picked) => {
          onChange(picked ? picked.format('YYYY-MM-DD') : null);
        }}
      />
    );
  }
  return (
    <Input
      variant="borderless"
      size="small"
      aria-label={name}
      placeholder="nothing"
      value={value ?? ''}
      onChange={(e) => {
        onChange(e.target.value === '' ? null : e.target.value);
      }}
    />
  );
}
