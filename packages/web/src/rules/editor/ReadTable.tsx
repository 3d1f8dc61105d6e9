import { fieldName, kindOfField, NO_VALUE, type ReadRow } from '@hatband/core/rules';
import { FieldKind, isBuiltIn, type DecimalMark, isList, sameName, wordsOfValue } from '@hatband/core/tasks';
import { AutoComplete, Input } from 'antd';
import { useState } from 'react';
import { Choose, type Option } from '../../shared/forms/Choose.tsx';
import { optionWords } from '../../shared/forms/schemaForm.ts';
import { useRows } from '../../shared/forms/useRows.ts';
import { hueOf } from '../../shared/page/hues.ts';
import { fieldNames, useEditing } from './editing.ts';
import { Words } from '../../shared/forms/Words.tsx';
import { AddReading, ReadingLine } from './ReadingLine.tsx';
import { Row, TakeOff } from './Row.tsx';
import css from './RuleSheet.module.css';

interface Props {
  rows: readonly ReadRow[];
  onChange: (rows: ReadRow[]) => void;
}

/** A row a field: its readings in their order, the first that finds a value wins, and what holds otherwise. */
export function ReadTable({ rows, onChange }: Props) {
  const { entries, insert } = useRows(rows, onChange);
  return (
    <>
      <h2 className={css.heading}>
        Read <span>the first that finds a value wins</span>
      </h2>
      <table className={css.table}>
        <tbody>
          {entries.map(({ key, value, change, remove }, i) => (
            <FieldRow key={key} row={value} path={`read.${String(i)}`} onChange={change} onRemove={remove} />
          ))}
          <tr>
            <td colSpan={3}>
              <AddField
                taken={rows.map(({ field }) => field)}
                onAdd={(field) => {
                  insert(newRow(field));
                }}
              />
            </td>
          </tr>
        </tbody>
      </table>
    </>
  );
}

const newRow = (field: string): ReadRow => ({
  field,
  kind: null,
  choices: [],
  decimal: null,
  nothing: [...NO_VALUE],
  from: [],
  otherwise: null,
  unknown: 'otherwise',
});

interface FieldRowProps {
  row: ReadRow;
  path: string;
  onChange: (row: ReadRow) => void;
  onRemove: () => void;
}

function FieldRow({ row, path, onChange, onRemove }: FieldRowProps) {
  const { field, from } = row;
  const { open, setOpen } = useEditing();
  const readings = useRows(from, (changed) => {
    onChange({ ...row, from: changed });
  });
  // What is written takes the width of the row.
  const isOpen = open?.startsWith(`${path}.from`) ?? false;
  return (
    <tr>
      <th style={{ color: hueOf(field) }}>
        {field}
        <span className={css.off}>
          <TakeOff of={field} onClick={onRemove} />
        </span>
      </th>
      <td colSpan={isOpen ? 2 : 1}>
        {readings.entries.map(({ key, value, change, remove, moveUp }, i) => (
          <ReadingLine
            key={key}
            field={field}
            reading={value}
            path={`${path}.from.${String(i)}`}
            first={i === 0}
            onChange={change}
            onEarlier={() => {
              setOpen(`${path}.from.${String(i - 1)}`);
              moveUp();
            }}
            onRemove={remove}
          />
        ))}
        <AddReading
          field={field}
          first={from.length === 0}
          path={`${path}.from.${String(from.length)}`}
          onAdd={readings.insert}
        />
      </td>
      {!isOpen && (
        <td className={css.otherwise}>
          <Otherwise row={row} path={path} onChange={onChange} />
        </td>
      )}
    </tr>
  );
}

const UNKNOWN = [
  { value: 'otherwise' as const, label: 'leave it empty' },
  { value: 'hold' as const, label: 'hold the message' },
  { value: 'make' as const, label: 'make it' },
];

const DECIMALS: Option<DecimalMark | ''>[] = [
  { value: '', label: 'as Settings say' },
  { value: '.', label: optionWords('.') },
  { value: ',', label: optionWords(',') },
];

/** What holds where no reading finds a value, and what the field is. */
function Otherwise({ row, path, onChange }: Omit<FieldRowProps, 'onRemove'>) {
  const { field, otherwise, unknown } = row;
  const { context } = useEditing();
  const isNumber = ['number', 'money'].includes(kindOfField(row, context).kind);
  const words = otherwise === null ? 'nothing' : wordsOfValue(otherwise);
  return (
    <Row
      path={`${path}.otherwise`}
      name={`otherwise of ${field}`}
      words={
        <>
          <span className={css.quiet}>otherwise</span> {words}
        </>
      }
    >
      <div className={css.fieldForm}>
        <label>
          otherwise
          <Input
            aria-label={`otherwise of ${field}`}
            placeholder="nothing"
            value={otherwise === null ? '' : wordsOfValue(otherwise)}
            onChange={(e) => {
              onChange({ ...row, otherwise: e.target.value === '' ? null : e.target.value });
            }}
          />
        </label>
        {!isBuiltIn(field) && <KindOfField row={row} path={path} onChange={onChange} />}
        {isNumber && (
          <label>
            decimal mark
            <Choose
              aria-label={`decimal mark of ${field}`}
              value={row.decimal ?? ''}
              options={DECIMALS}
              onChange={(mark) => {
                onChange({ ...row, decimal: mark === '' ? null : mark });
              }}
            />
          </label>
        )}
        <label>
          if it does not exist
          <Choose
            aria-label={`unknown ${field}`}
            value={unknown}
            options={UNKNOWN}
            onChange={(chosen) => {
              onChange({ ...row, unknown: chosen });
            }}
          />
        </label>
      </div>
    </Row>
  );
}

const KINDS: Option<FieldKind | ''>[] = [
  { value: '', label: 'as its project says' },
  ...FieldKind.options.map((kind) => ({ value: kind, label: kind })),
];

function KindOfField({ row, onChange }: Omit<FieldRowProps, 'onRemove'>) {
  return (
    <>
      <label>
        kind
        <Choose
          aria-label={`kind of ${row.field}`}
          value={row.kind ?? ''}
          options={KINDS}
          onChange={(kind) => {
            onChange({ ...row, kind: kind === '' ? null : kind });
          }}
        />
      </label>
      {(row.kind === 'choice' || row.kind === 'several choices') && (
        <label>
          choices
          <Words
            name={`choices of ${row.field}`}
            words={row.choices}
            onChange={(choices) => {
              onChange({ ...row, choices });
            }}
          />
        </label>
      )}
    </>
  );
}

/** Any field can be read; one that is no project's own yet is text. */
function AddField({ taken, onAdd }: { taken: readonly string[]; onAdd: (field: string) => void }) {
  const { context } = useEditing();
  const [typed, setTyped] = useState('');
  const free = fieldNames(context).filter(
    (name) => isList(name) || !taken.some((each) => sameName(each, name)),
  );
  const wanted = typed.trim();
  const isNew = wanted !== '' && ![...free, ...taken].some((name) => sameName(name, wanted));
  const add = (field: string) => {
    setTyped('');
    const name = field.trim();
    if (name !== '' && (isList(name) || !taken.some((each) => sameName(each, name)))) onAdd(name);
  };
  return (
    <AutoComplete
      className={css.adder ?? ''}
      variant="borderless"
      size="small"
      aria-label="read another field"
      placeholder="another field, or the name of a new one …"
      popupMatchSelectWidth={false}
      value={typed}
      options={[
        ...free.map((name) => ({ value: name, label: fieldName(name) })),
        ...(isNew ? [{ value: wanted, label: `a new field “${wanted}”` }] : []),
      ]}
      showSearch={{
        filterOption: (words, option) => (option?.value ?? '').toLowerCase().includes(words.toLowerCase()),
      }}
      onChange={setTyped}
      onSelect={add}
      onKeyDown={(event) => {
        if (event.key === 'Enter' && !free.some((name) => sameName(name, typed))) add(typed);
      }}
    />
  );
}
