import { useState, type KeyboardEvent, type ReactNode } from 'react';
import css from './fields.module.css';

interface Props {
  name: string;
  shown: ReactNode;
  /** The editor; `close` puts the value back in its place. */
  editor: (close: () => void) => ReactNode;
}

/** A value that turns into its editor when pressed; Escape leaves it as it was. */
export function InPlace({ name, shown, editor }: Props) {
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
