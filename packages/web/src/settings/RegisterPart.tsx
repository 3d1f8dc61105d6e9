import type { RegisterKind } from '@hatband/contract';
import type { ReactNode } from 'react';
import type { z } from 'zod';
import { useAct } from '../shared/useAct.ts';
import { EntryEditor } from './EntryEditor.tsx';
import css from './Settings.module.css';

interface Seen {
  params: { id: string };
  revision: number;
}

interface Props<S extends z.ZodObject> {
  kind: RegisterKind;
  schema: S;
  written: z.ZodType<z.infer<S>>;
  items: readonly { id: string; revision: number; body: z.infer<S> }[];
  add: (body: z.infer<S>) => Promise<unknown>;
  save: (seen: Seen, body: z.infer<S>) => Promise<unknown>;
  remove: (seen: Seen) => Promise<unknown>;
  /** What one of them is called. */
  one: string;
  hint: string;
  above?: ReactNode;
  /** Parts that `more` edits. */
  apart?: readonly string[];
  more?: (body: z.infer<S>, onChange: (body: z.infer<S>) => void) => ReactNode;
}

/** The entries of one register: each is written in its own form, and one more can be added. */
export function RegisterPart<S extends z.ZodObject>({
  schema,
  written,
  items,
  hint,
  above,
  apart = [],
  more,
  ...rest
}: Props<S>) {
  const { one, kind, add, save, remove } = rest;
  const act = useAct('named');
  const common = { one, schema, written, apart, more, act };
  return (
    <div className={css.body}>
      <p className={css.hint}>{hint}</p>
      {above}
      {items.map(({ id, revision, body }) => (
        <EntryEditor<S>
          {...common}
          key={`${id} ${String(revision)}`}
          body={body}
          onSave={(changed) => save({ params: { id }, revision }, changed)}
          removal={{ kind, id, onRemove: () => remove({ params: { id }, revision }) }}
        />
      ))}
      <EntryEditor<S> {...common} key={`new ${String(items.length)}`} body={null} onSave={add} />
    </div>
  );
}
