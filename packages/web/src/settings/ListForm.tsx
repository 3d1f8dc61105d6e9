import type { z } from 'zod';
import { KindForm } from '../shared/KindForm.tsx';
import { emptyOf } from '../shared/schemaForm.ts';
import css from './Settings.module.css';

interface Props<S extends z.ZodObject> {
  heading: string;
  /** What one of them is called. */
  one: string;
  schema: S;
  items: readonly z.infer<S>[];
  onChange: (items: z.infer<S>[]) => void;
}

/** Several things of one schema, each a row of choices. */
export function ListForm<S extends z.ZodObject>({ heading, one, schema, items, onChange }: Props<S>) {
  return (
    <fieldset className={css.list}>
      <legend>{heading}</legend>
      {items.map((item, i) => (
        <div key={i} className={css.item}>
          <KindForm
            schema={schema}
            value={item}
            of={`${one} ${String(i + 1)}`}
            suggest={() => []}
            onChange={(value) => {
              onChange(items.map((old, at) => (at === i ? value : old)));
            }}
          />
          <button
            type="button"
            className="link"
            aria-label={`take off ${one} ${String(i + 1)}`}
            onClick={() => {
              onChange(items.filter((_, at) => at !== i));
            }}
          >
            take off
          </button>
        </div>
      ))}
      <button
        type="button"
        className="link"
        onClick={() => {
          onChange([...items, emptyOf(schema, '')]);
        }}
      >
        another {one} …
      </button>
    </fieldset>
  );
}
