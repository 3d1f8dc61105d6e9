import { AutoComplete, Input, InputNumber, Select } from 'antd';
import type { MessageScope, Scope } from '@hatband/core/rules';
import { isBuiltIn } from '@hatband/core/tasks';
import type { TextAreaRef } from 'antd/es/input/TextArea';
import { useRef, useState } from 'react';
import { z } from 'zod';
import { Choose, ChooseSeveral } from './Choose.tsx';
import css from './KindForm.module.css';
import { labelOf, optionWords, partsOf, type Control } from './schemaForm.ts';

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

const asOptions = (names: readonly string[]) =>
  names.map((name) => ({ value: name, label: optionWords(name) }));

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
      return (
        <Choose
          aria-label={name}
          value={value === null ? '' : Text.parse(value)}
          options={[
            ...(control.optional ? [{ value: '', label: NONE[part] ?? '—' }] : []),
            ...asOptions(control.options),
          ]}
          onChange={(chosen) => {
            onChange(chosen === '' ? null : chosen);
          }}
        />
      );
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
      return (
        <Choose
          aria-label={name}
          value={value === true}
          options={[
            { value: true, label: 'yes' },
            { value: false, label: 'no' },
          ]}
          onChange={onChange}
        />
      );
    case 'text':
    case 'value':
      return (
        <TextControl
          name={name}
          part={part}
          value={
            typeof value === 'string'
              ? value
              : value === null || value === undefined
                ? ''
                : JSON.stringify(value)
          }
          options={options}
          onChange={(text) => {
            onChange(text === '' && control.type === 'text' && control.optional ? null : text);
          }}
        />
      );
  }
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

/** A text of a template; fields are inserted where one writes. */
function TemplateText({
  name,
  value,
  fields,
  onChange,
}: {
  name: string;
  value: string;
  fields: readonly string[];
  onChange: (value: string) => void;
}) {
  const area = useRef<TextAreaRef>(null);
  const insert = (field: string) => {
    const at = area.current?.resizableTextArea?.textArea.selectionStart ?? value.length;
    const mark = /^[a-z]+$/.test(field) && isBuiltIn(field) ? field : `fields[${JSON.stringify(field)}]`;
    onChange(`${value.slice(0, at)}{{ ${mark} }}${value.slice(at)}`);
    area.current?.focus();
  };
  return (
    <span className={css.template}>
      <Input.TextArea
        ref={area}
        autoSize
        aria-label={name}
        value={value}
        onChange={(e) => {
          onChange(e.target.value);
        }}
      />
      {fields.length > 0 && (
        <Select
          size="small"
          variant="borderless"
          aria-label={`insert a field into ${name}`}
          placeholder="insert a field …"
          popupMatchSelectWidth={false}
          value={null}
          options={asOptions(fields)}
          onSelect={(field: string | null) => {
            if (field !== null) insert(field);
          }}
        />
      )}
    </span>
  );
}

/** Several words or phrases; each ends with Enter, a comma or leaving the field. */
export function Words({
  name,
  words,
  options = [],
  onChange,
}: {
  name: string;
  words: string[];
  options?: readonly string[];
  onChange: (words: string[]) => void;
}) {
  return (
    <Select
      mode="tags"
      aria-label={name}
      placeholder={options.length > 0 ? 'choose or write' : 'Enter after each'}
      {...(options.length === 0 ? { open: false, suffix: <span /> } : {})}
      popupMatchSelectWidth={false}
      tokenSeparators={[',']}
      value={words}
      options={asOptions(options)}
      onChange={(changed: string[]) => {
        onChange(changed.map((word) => word.trim()).filter((word) => word !== ''));
      }}
    />
  );
}

const PLACES = {
  item: 'the item’s own text',
  subject: 'subject',
  note: 'your note',
  newest: 'newest words',
  whole: 'whole text',
};
const HEADER = 'header ';

type Place = Scope | MessageScope;
const Places = z.array(z.union([z.string(), z.object({ header: z.string() })])).catch([]);

/** Where to look, in order; a header by “header” and its name. */
function Scopes({
  name,
  own,
  value,
  onChange,
}: {
  name: string;
  own: boolean;
  value: unknown;
  onChange: (value: unknown) => void;
}) {
  const places = Object.entries(PLACES).filter(([key]) => own || key !== 'item');
  return (
    <Select
      mode="tags"
      aria-label={name}
      popupMatchSelectWidth={false}
      value={Places.parse(value).map((each) =>
        typeof each === 'string' ? (isPlace(each) ? PLACES[each] : each) : `${HEADER}${each.header}`,
      )}
      options={places.map(([, label]) => ({ value: label, label }))}
      onChange={(chosen: string[]) => {
        onChange(chosen.flatMap(placeOf));
      }}
    />
  );
}

function placeOf(words: string): Place[] {
  const place = (Object.keys(PLACES) as (keyof typeof PLACES)[]).find((key) => PLACES[key] === words);
  if (place) return [place];
  const header = words.replace(/^header\s+/i, '').trim();
  return header === '' ? [] : [{ header }];
}

const isPlace = (words: string): words is keyof typeof PLACES => words in PLACES;
