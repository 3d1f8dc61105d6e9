import type { ReactNode } from 'react';
import css from './Settings.module.css';

interface Props<T> {
  heading: string;
  /** What one of them is called. */
  one: string;
  items: readonly T[];
  /** What another one starts as. */
  fresh: () => T;
  /** The editor of one, with a name for it. */
  editor: (item: T, name: string, onChange: (item: T) => void) => ReactNode;
  onChange: (items: T[]) => void;
}

/** Several things of one kind, each a row that can be written and taken off. */
export function List<T>({ heading, one, items, fresh, editor, onChange }: Props<T>) {
  return (
    <fieldset className={css.list}>
      <legend>{heading}</legend>
      {items.map((item, i) => (
        <div key={i} className={css.item}>
          {editor(item, `${one} ${String(i + 1)}`, (changed) => {
            onChange(items.map((old, at) => (at === i ? changed : old)));
          })}
          <button
            type="button"
            className="link"
            aria-label={`remove ${one} ${String(i + 1)}`}
            onClick={() => {
              onChange(items.filter((_, at) => at !== i));
            }}
          >
            remove
          </button>
        </div>
      ))}
      <button
        type="button"
        className="link"
        onClick={() => {
          onChange([...items, fresh()]);
        }}
      >
        another {one} …
      </button>
    </fieldset>
  );
}
