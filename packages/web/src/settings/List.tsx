import type { ReactNode } from 'react';
import { useRows } from '../shared/forms/useRows.ts';
import css from './Settings.module.css';
import { LinkButton } from '../shared/page/LinkButton.tsx';

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
  const rows = useRows(items, onChange);
  return (
    <fieldset className={css.list}>
      <legend>{heading}</legend>
      {rows.entries.map(({ key, value, change, remove }, i) => (
        <div key={key} className={css.item}>
          {editor(value, `${one} ${String(i + 1)}`, change)}
          <LinkButton aria-label={`remove ${one} ${String(i + 1)}`} onClick={remove}>
            remove
          </LinkButton>
        </div>
      ))}
      <LinkButton
        onClick={() => {
          rows.insert(fresh());
        }}
      >
        another {one} …
      </LinkButton>
    </fieldset>
  );
}
