import type { Named } from '@hatband/contract';
import type { Priority } from '@hatband/core/tasks';
import { useQuery } from '@tanstack/react-query';
import { DatePicker, Input, Select } from 'antd';
import dayjs from 'dayjs';
import customParseFormat from 'dayjs/plugin/customParseFormat';
import { useState, type KeyboardEvent, type ReactNode } from 'react';
import { projects } from '../api/queries.ts';
import { PriorityBar } from './Band.tsx';
import { dayText, useClock } from './clock.ts';
import css from './fields.module.css';

dayjs.extend(customParseFormat);

const TIME = /^([01]?\d|2[0-3]):[0-5]\d$/;

interface InPlace {
  name: string;
  shown: ReactNode;
  /** The editor; `close` puts the value back in its place. */
  editor: (close: () => void) => ReactNode;
}

/** A value that turns into its editor when pressed; Escape leaves it as it was. */
function InPlace({ name, shown, editor }: InPlace) {
  const [editing, setEditing] = useState(false);
  const close = () => {
    setEditing(false);
  };
  if (!editing) {
    return (
      <button
        type="button"
        className={css.value}
        aria-label={`Change ${name}`}
        onClick={() => {
          setEditing(true);
        }}
      >
        {shown}
      </button>
    );
  }
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === 'Escape') close();
  };
  return <div onKeyDown={onKeyDown}>{editor(close)}</div>;
}

export function TitleField({ value, onChange }: { value: string; onChange: (value: string) => void }) {
  const editor = (close: () => void) => (
    <TextEditor
      name="title"
      initial={value}
      onDone={(text) => {
        if (text.trim() !== '' && text.trim() !== value) onChange(text.trim());
        close();
      }}
    />
  );
  return <InPlace name="title" shown={<b className={css.title}>{value}</b>} editor={editor} />;
}

interface TextEditorProps {
  name: string;
  initial: string;
  /** Line ends are kept, and Enter makes one. */
  long?: boolean;
  onDone: (text: string) => void;
}

function TextEditor({ name, initial, long = false, onDone }: TextEditorProps) {
  const [text, setText] = useState(initial);
  return (
    <Input.TextArea
      autoFocus
      autoSize
      aria-label={name}
      value={text}
      maxLength={long ? 20_000 : 500}
      onChange={(e) => {
        setText(long ? e.target.value : e.target.value.replaceAll('\n', ' '));
      }}
      onBlur={() => {
        onDone(text);
      }}
      onPressEnter={() => {
        if (!long) onDone(text);
      }}
    />
  );
}

/** Words in one line or, where they are long, in several; empty ones are none. */
export function TextField({
  name,
  value,
  long = false,
  onChange,
}: {
  name: string;
  value: string;
  long?: boolean;
  onChange: (value: string) => void;
}) {
  const editor = (close: () => void) => (
    <TextEditor
      name={name}
      initial={value}
      long={long}
      onDone={(text) => {
        if (text.trim() !== value) onChange(text.trim());
        close();
      }}
    />
  );
  const shown =
    value === '' ? <span className={css.none}>none</span> : <span className={css.words}>{value}</span>;
  return <InPlace name={name} shown={shown} editor={editor} />;
}

/** One of some names, or none. */
export function NameField({
  name,
  value,
  names,
  onChange,
}: {
  name: string;
  value: string | null;
  names: readonly string[];
  onChange: (value: string | null) => void;
}) {
  const known = value === null || names.includes(value) ? names : [value, ...names];
  const options = [...known.map((each) => ({ value: each, label: each })), { value: '', label: 'none' }];
  const editor = (close: () => void) => (
    <Choice
      name={name}
      value={value ?? ''}
      options={options}
      onDone={(chosen) => {
        const next = chosen === '' ? null : chosen;
        if (next !== value) onChange(next);
        close();
      }}
      onLeave={close}
    />
  );
  return <InPlace name={name} shown={value ?? <span className={css.none}>none</span>} editor={editor} />;
}

/** Several names; a new one may be written. */
export function NamesField({
  name,
  value,
  names,
  onChange,
}: {
  name: string;
  value: readonly string[];
  names: readonly string[];
  onChange: (value: string[]) => void;
}) {
  const shown = value.length === 0 ? <span className={css.none}>none</span> : value.join(', ');
  const editor = (close: () => void) => (
    <Select
      mode="tags"
      autoFocus
      defaultOpen
      className={css.choice ?? ''}
      aria-label={name}
      defaultValue={[...value]}
      options={names.map((each) => ({ value: each, label: each }))}
      onChange={(chosen: string[]) => {
        onChange(chosen.map((each) => each.trim()).filter((each) => each !== ''));
      }}
      onBlur={close}
    />
  );
  return <InPlace name={name} shown={shown} editor={editor} />;
}

/** A day, with a clock time where there is one. */
export function DayField({
  name,
  value,
  onChange,
}: {
  name: string;
  value: string | null;
  onChange: (value: string | null) => void;
}) {
  const clock = useClock();
  const shown = value === null ? <span className={css.none}>none</span> : dayText(value, clock.today);
  const editor = (close: () => void) => (
    <DayEditor
      name={name}
      initial={value}
      onDone={(day) => {
        if (day !== value) onChange(day);
        close();
      }}
    />
  );
  return <InPlace name={name} shown={shown} editor={editor} />;
}

const SHOWN = 'ddd D MMM YYYY';
const TYPED = ['D MMM YYYY', 'D MMMM YYYY', 'D MMM', 'D MMMM', 'YYYY-MM-DD', 'D.M.YYYY', 'D/M/YYYY'];

/** The day that is written in the field, with or without its weekday. */
function typedDay(target: EventTarget): string | null {
  if (!(target instanceof HTMLInputElement)) return null;
  const day = dayjs(target.value.replace(/^[A-Za-z]+,? (?=\d)/, ''), TYPED, true);
  return day.isValid() ? day.format('YYYY-MM-DD') : null;
}

/** A day from the calendar or typed, and a clock time if it has one. Enter keeps both. */
function DayEditor({
  name,
  initial,
  onDone,
}: {
  name: string;
  initial: string | null;
  onDone: (day: string | null) => void;
}) {
  const [day, setDay] = useState(initial?.slice(0, 10) ?? null);
  const [time, setTime] = useState(initial?.slice(11) ?? '');
  const done = (date: string | null) => {
    onDone(date !== null && TIME.test(time) ? `${date}T${time.padStart(5, '0')}` : date);
  };
  const badTime = time !== '' && !TIME.test(time);
  return (
    <div className={css.due}>
      <DatePicker
        autoFocus
        defaultOpen
        placement="bottomRight"
        aria-label={name}
        placeholder="a day, as 3 Dec"
        format={[SHOWN, ...TYPED]}
        value={day === null ? null : dayjs(day)}
        onChange={(picked) => {
          const date = picked?.format('YYYY-MM-DD') ?? null;
          setDay(date);
          done(date);
        }}
        onKeyDown={(event) => {
          const typed = typedDay(event.target);
          if (event.key === 'Enter' && typed !== null) done(typed);
        }}
      />
      <Input
        aria-label={name === 'due' ? 'time' : `time of ${name}`}
        placeholder="a time, as 17:00"
        value={time}
        status={badTime ? 'error' : ''}
        onChange={(e) => {
          setTime(e.target.value);
        }}
        onPressEnter={() => {
          if (!badTime) done(day);
        }}
      />
    </div>
  );
}

const PRIORITIES: { value: Priority | 'none'; label: string }[] = [
  { value: 'high', label: 'high' },
  { value: 'medium', label: 'medium' },
  { value: 'low', label: 'low' },
  { value: 'none', label: 'none' },
];

export function PriorityField({
  value,
  onChange,
}: {
  value: Priority | null;
  onChange: (value: Priority | null) => void;
}) {
  const shown =
    value === null ? (
      <span className={css.none}>none</span>
    ) : (
      <>
        {value}
        <PriorityBar priority={value} />
      </>
    );
  const editor = (close: () => void) => (
    <Choice
      name="priority"
      value={value ?? 'none'}
      options={PRIORITIES}
      onDone={(chosen) => {
        const priority = chosen === 'none' ? null : chosen;
        if (priority !== value) onChange(priority);
        close();
      }}
      onLeave={close}
    />
  );
  return <InPlace name="priority" shown={shown} editor={editor} />;
}

const NO_PROJECT = '';

export function ProjectField({
  value,
  onChange,
}: {
  value: Named | null;
  onChange: (id: string | null) => void;
}) {
  const { data } = useQuery(projects);
  const options = [
    ...(data?.items ?? []).map(({ id, name }) => ({ value: id, label: name })),
    { value: NO_PROJECT, label: 'none' },
  ];
  const editor = (close: () => void) => (
    <Choice
      name="project"
      value={value?.id ?? NO_PROJECT}
      options={options}
      onDone={(chosen) => {
        const id = chosen === NO_PROJECT ? null : chosen;
        if (id !== (value?.id ?? null)) onChange(id);
        close();
      }}
      onLeave={close}
    />
  );
  return (
    <InPlace name="project" shown={value?.name ?? <span className={css.none}>none</span>} editor={editor} />
  );
}

interface ChoiceProps<T> {
  name: string;
  value: T;
  options: { value: T; label: string }[];
  onDone: (value: T) => void;
  onLeave: () => void;
}

function Choice<T extends string>({ name, value, options, onDone, onLeave }: ChoiceProps<T>) {
  return (
    <Select<T, { value: T; label: string }>
      autoFocus
      defaultOpen
      className={css.choice ?? ''}
      aria-label={name}
      value={value}
      options={options}
      onSelect={(_, option) => {
        onDone(option.value);
      }}
      onBlur={onLeave}
    />
  );
}
