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
      initial={value}
      onDone={(text) => {
        if (text.trim() !== '' && text.trim() !== value) onChange(text.trim());
        close();
      }}
    />
  );
  return <InPlace name="title" shown={<b className={css.title}>{value}</b>} editor={editor} />;
}

function TextEditor({ initial, onDone }: { initial: string; onDone: (text: string) => void }) {
  const [text, setText] = useState(initial);
  return (
    <Input.TextArea
      autoFocus
      autoSize
      aria-label="title"
      value={text}
      maxLength={500}
      onChange={(e) => {
        setText(e.target.value.replaceAll('\n', ' '));
      }}
      onBlur={() => {
        onDone(text);
      }}
      onPressEnter={() => {
        onDone(text);
      }}
    />
  );
}

export function DueField({
  value,
  onChange,
}: {
  value: string | null;
  onChange: (value: string | null) => void;
}) {
  const clock = useClock();
  const shown = value === null ? <span className={css.none}>no due date</span> : dayText(value, clock.today);
  const editor = (close: () => void) => (
    <DueEditor
      initial={value}
      onDone={(due) => {
        if (due !== value) onChange(due);
        close();
      }}
    />
  );
  return <InPlace name="due" shown={shown} editor={editor} />;
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
function DueEditor({ initial, onDone }: { initial: string | null; onDone: (due: string | null) => void }) {
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
        aria-label="due"
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
        aria-label="time"
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
