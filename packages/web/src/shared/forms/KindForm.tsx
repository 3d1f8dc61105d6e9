import { AutoComplete, InputNumber } from 'antd';
import { useState } from 'react';
import { z } from 'zod';
import { Choose, ChooseSeveral } from './Choose.tsx';
import css from './KindForm.module.css';
import { Scopes } from './Scopes.tsx';
import { asOptions, labelOf, partsOf, type Control } from './schemaForm.ts';
import { TemplateText } from './TemplateText.tsx';
import { Words } from './Words.tsx';

/** Names that may be meant, for a part of a kind. */
export type Suggest = (part: string) => readonly string[];

interface Props<T extends object> {
  schema: z.ZodObject;
  value: T;
  suggest: Suggest;
  /** Parts that have an editor elsewhere. */
  apart?: readonly string[];
  /** Names the form’s controls, “condition” makes “words of condition”. */
  of: string;
  onChange: (value: T) => void;
}

/** The parts of one condition, reading or step as a row of choices, made from its schema. */
export function KindForm<T extends object>({ schema, value, apart = [], suggest, of, onChange }: Props<T>) {
  const parts: ReadonlyMap<string, unknown> = new Map(Object.entries(value));
  const kind = Text.parse(parts.get('kind') ?? parts.get('do'));
  const wanted = partsOf(schema).filter(({ name }) => !apart.includes(name));
  return (
    <div className={css.form}>
      {wanted.map(({ name, control }) => (
        <label key={name} className={css[control.type]}>
          <span>{labelOf(name, kind)}</span>
          <PartControl
            name={`${labelOf(name, kind) || name} of ${of}`}
            part={name}
            control={control}
            value={parts.get(name)}
            options={suggest(name)}
            onChange={(next) => {
              onChange({ ...value, [name]: next });
            }}
          />
        </label>
      ))}
    </div>
  );
}

interface ControlProps {
  name: string;
  part: string;
  control: Control;
  value: unknown;
  options: readonly string[];
  onChange: (value: unknown) => void;
}

const Strings = z.array(z.string()).catch([]);
const Text = z.string().catch('');

/** What it means that nothing is chosen, where a dash would be a riddle. */
const NONE: Readonly<Record<string, string>> = { decimal: 'as Settings say' };

function PartControl({ name, part, control, value, options, onChange }: ControlProps) {
  switch (control.type) {
    case 'words':
      return <Words name={name} words={Strings.parse(value)} options={options} onChange={onChange} />;
    case 'choices':
      return (
        <ChooseSeveral
          aria-label={name}
          value={Strings.parse(value)}
          options={asOptions(control.options)}
          onChange={onChange}
        />
      );
    case 'scopes':
      return <Scopes name={name} own={control.own} value={value} onChange={onChange} />;
    case 'choice':
      return <ChoiceControl name={name} part={part} control={control} value={value} onChange={onChange} />;
    case 'number':
      return (
        <InputNumber
          aria-label={name}
          value={typeof value === 'number' ? value : null}
          onChange={(n) => {
            onChange(n ?? (control.optional ? null : 0));
          }}
        />
      );
    case 'yes':
      return <Choose aria-label={name} value={value === true} options={YES_OR_NO} onChange={onChange} />;
    case 'text':
    case 'value':
      return (
        <TextControl
          name={name}
          part={part}
          value={textOf(value)}
          options={options}
          onChange={(text) => {
            onChange(text === '' && control.type === 'text' && control.optional ? null : text);
          }}
        />
      );
  }
}

const YES_OR_NO = [
  { value: true, label: 'yes' },
  { value: false, label: 'no' },
];

const textOf = (value: unknown) =>
  typeof value === 'string' ? value : value === null || value === undefined ? '' : JSON.stringify(value);

type ChoiceProps = Omit<ControlProps, 'control' | 'options'> & {
  control: Extract<Control, { type: 'choice' }>;
};

function ChoiceControl({ name, part, control, value, onChange }: ChoiceProps) {
  const none = control.optional ? [{ value: '', label: NONE[part] ?? '—' }] : [];
  return (
    <Choose
      aria-label={name}
      value={value === null ? '' : Text.parse(value)}
      options={[...none, ...asOptions(control.options)]}
      onChange={(chosen) => {
        onChange(chosen === '' ? null : chosen);
      }}
    />
  );
}

function TextControl({
  name,
  part,
  value,
  options,
  onChange,
}: Omit<ControlProps, 'control' | 'value'> & { value: string }) {
  // A list that opens shows all that may be meant, not only what is chosen already.
  const [before, setBefore] = useState(value);
  if (part === 'text') return <TemplateText name={name} value={value} fields={options} onChange={onChange} />;
  return (
    <AutoComplete
      aria-label={name}
      className={part === 'pattern' ? (css.mono ?? '') : ''}
      popupMatchSelectWidth={false}
      value={value}
      onFocus={() => {
        setBefore(value);
      }}
      options={asOptions(options)}
      showSearch={{
        filterOption: (typed, option) =>
          typed === before || (option?.value ?? '').toLowerCase().includes(typed.toLowerCase()),
      }}
      onChange={onChange}
    />
  );
}
