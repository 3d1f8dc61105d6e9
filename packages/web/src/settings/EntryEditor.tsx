import { Button } from 'antd';
import { useState, type ComponentProps, type ReactNode } from 'react';
import { z } from 'zod';
import { DeleteEntry } from '../shared/page/DeleteEntry.tsx';
import { KindForm } from '../shared/forms/KindForm.tsx';
import { ErrorLine } from '../shared/page/Page.tsx';
import { emptyOf } from '../shared/forms/schemaForm.ts';
import type { Act } from '../shared/useAct.ts';
import css from './Settings.module.css';

interface Props<S extends z.ZodObject> {
  one: string;
  schema: S;
  /** What it has to be to be saved. */
  written: z.ZodType<z.infer<S>>;
  /** null: a new one. */
  body: z.infer<S> | null;
  apart: readonly string[];
  more: ((body: z.infer<S>, onChange: (body: z.infer<S>) => void) => ReactNode) | undefined;
  onSave: (body: z.infer<S>) => Promise<unknown>;
  /** How it is deleted. */
  removal?: Pick<ComponentProps<typeof DeleteEntry>, 'kind' | 'id' | 'onRemove'>;
  act: Act;
}

/** One entry in a line, which opens into its form; a refusal stands with it. */
export function EntryEditor<S extends z.ZodObject>(props: Props<S>) {
  const { one, schema, body } = props;
  const [changed, setChanged] = useState<z.infer<S> | null>(null);
  const shown = changed ?? body ?? emptyOf(schema, '');
  const [open, setOpen] = useState(false);
  const name = nameOf(body);
  if (!open)
    return (
      <button
        type="button"
        className={css.entry}
        onClick={() => {
          setOpen(true);
        }}
      >
        {body ? (
          <>
            <b>{name}</b> <span>{summaryOf(body)}</span>
          </>
        ) : (
          `another ${one} …`
        )}
      </button>
    );
  return (
    <section className={css.form} aria-label={body ? name : `a new ${one}`}>
      <EntryForm {...props} shown={shown} setChanged={setChanged} />
      <Buttons
        {...props}
        shown={shown}
        isChanged={changed !== null}
        onClose={() => {
          setChanged(null);
          setOpen(false);
        }}
      />
    </section>
  );
}

function EntryForm<S extends z.ZodObject>({
  one,
  schema,
  apart,
  more,
  shown,
  setChanged,
}: Props<S> & { shown: z.infer<S>; setChanged: (body: z.infer<S>) => void }) {
  return (
    <>
      <KindForm
        schema={schema}
        apart={apart}
        value={shown}
        of={one}
        suggest={() => []}
        onChange={setChanged}
      />
      {more?.(shown, setChanged)}
    </>
  );
}

function Buttons<S extends z.ZodObject>({
  one,
  written,
  body,
  shown,
  isChanged,
  onSave,
  removal,
  onClose,
  act,
}: Props<S> & {
  shown: z.infer<S>;
  isChanged: boolean;
  onClose: () => void;
}) {
  const [own, setOwn] = useState<Error | null>(null);
  const save = () => {
    const parsed = written.safeParse(shown);
    if (!parsed.success) {
      setOwn(new Error(parsed.error.issues[0]?.message ?? 'This cannot be kept.'));
      return;
    }
    setOwn(null);
    act.mutate(() => onSave(parsed.data), { onSuccess: onClose });
  };
  return (
    <div className={css.buttons}>
      <Button type="primary" size="small" disabled={!isChanged} loading={act.isPending} onClick={save}>
        {body ? 'Save' : `Add the ${one}`}
      </Button>
      <Button size="small" onClick={onClose}>
        {isChanged ? 'Undo' : 'Close'}
      </Button>
      {removal && <DeleteEntry {...removal} name={nameOf(body)} act={act} />}
      <ErrorLine error={own ?? act.error} />
    </div>
  );
}

const nameOf = (body: Record<string, unknown> | null) => (typeof body?.name === 'string' ? body.name : '');

/** What an entry holds besides its name, in a few words. */
function summaryOf(body: Record<string, unknown>): string {
  return Object.entries(body)
    .filter(([key]) => key !== 'name')
    .flatMap(([, value]) => {
      if (typeof value === 'string' && value !== '') return [value.slice(0, 60)];
      if (!Array.isArray(value)) return [];
      const names = value.flatMap((each: unknown) => (typeof each === 'string' ? [each] : nameIn(each)));
      return names.length > 0 ? [names.join(', ')] : [];
    })
    .join(' · ');
}

const Named = z.object({ name: z.string() });
const nameIn = (value: unknown): string[] => {
  const named = Named.safeParse(value);
  return named.success ? [named.data.name] : [];
};
