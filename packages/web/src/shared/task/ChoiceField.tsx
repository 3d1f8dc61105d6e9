import type { Named } from '@hatband/contract';
import { sameName, type Priority } from '@hatband/core/tasks';
import { useQuery } from '@tanstack/react-query';
import { Select } from 'antd';
import { useState, type ReactNode } from 'react';
import { projects } from '../../api/queries.ts';
import { Choose } from '../forms/Choose.tsx';
import { PriorityBar } from '../page/Band.tsx';
import { Foreign } from '../page/Foreign.tsx';
import css from './fields.module.css';
import { InPlace } from './InPlace.tsx';
import { None } from './None.tsx';
import { useMake } from './useMake.ts';

/** One of some names, or none. */
export function NameField({
  name,
  value,
  names,
  onMake,
  onChange,
}: {
  name: string;
  value: string | null;
  names: readonly string[];
  /** Makes one that there is not yet. */
  onMake?: (name: string) => Promise<unknown>;
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
      {...(onMake && {
        onMake: async (made: string) => {
          await onMake(made);
          onChange(made);
          close();
        },
      })}
      onLeave={close}
    />
  );
  return (
    <InPlace name={name} shown={value === null ? <None /> : <Foreign words={value} />} editor={editor} />
  );
}

/** Several names; a new one may be written. */
export function NamesField({
  name,
  value,
  names,
  show,
  onChange,
}: {
  name: string;
  value: readonly string[];
  names: readonly string[];
  /** How one of them is shown; without it its words. */
  show?: (value: string) => ReactNode;
  onChange: (value: string[]) => void;
}) {
  const shown = value.length === 0 ? <None /> : show ? value.map(show) : value.join(', ');
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
      <None />
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
  const make = useMake();
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
      onMake={async (made) => {
        onChange(await make.project(made));
        close();
      }}
      onLeave={close}
    />
  );
  return <InPlace name="project" shown={value?.name ?? <None />} editor={editor} />;
}

interface ChoiceProps<T> {
  name: string;
  value: T;
  options: { value: T; label: string }[];
  onDone: (value: T) => void;
  /** Makes one of this name; it is refused in words. */
  onMake?: (name: string) => Promise<void>;
  onLeave: () => void;
}

/** No name begins with a blank. */
const MAKE = ' make';

/** One of the options; what is typed and not among them can be made. */
function Choice<T extends string>({ name, value, options, onDone, onMake, onLeave }: ChoiceProps<T>) {
  const [typed, setTyped] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const words = typed.trim();
  const isNew = onMake && words !== '' && !options.some(({ label }) => sameName(label, words));
  const make = isNew ? [{ value: MAKE, label: `make “${words}”` }] : [];
  return (
    <>
      <Choose<string>
        autoFocus
        defaultOpen
        showSearch={{ onSearch: setTyped }}
        className={css.choice ?? ''}
        aria-label={name}
        value={value}
        options={[...options, ...make]}
        onChange={(chosen) => {
          const option = options.find((each) => each.value === chosen);
          if (option) onDone(option.value);
          else
            onMake?.(words).catch((error: unknown) => {
              setProblem(error instanceof Error ? error.message : String(error));
            });
        }}
        onBlur={onLeave}
        onOpenChange={(open) => {
          if (!open && !isNew) onLeave();
        }}
      />
      {problem !== null && <p role="alert">{problem}</p>}
    </>
  );
}
