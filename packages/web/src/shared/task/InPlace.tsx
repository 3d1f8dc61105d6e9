import {
  createContext,
  useContext,
  useEffect,
  useRef,
  useState,
  type KeyboardEvent,
  type ReactNode,
} from 'react';
import css from './fields.module.css';

interface Props {
  name: string;
  shown: ReactNode;
  /** The editor; `close` puts the value back in its place. */
  editor: (close: () => void) => ReactNode;
}

/** Whether the Tab key stops at the values in it; in a grid of them it stops at one only. */
export const TabStop = createContext(true);

/** A value that turns into its editor when pressed; Escape leaves it as it was. */
export function InPlace({ name, shown, editor }: Props) {
  const [editing, setEditing] = useState(false);
  const button = useRef<HTMLButtonElement>(null);
  const isStop = useContext(TabStop);
  const wasEditing = useRef(false);
  // The focus comes back to the value that was left, unless it went elsewhere by itself; not before the key that closed the
  // editor is over, or it would press the value at once.
  useEffect(() => {
    const isClosed = wasEditing.current && !editing;
    wasEditing.current = editing;
    if (!isClosed) return;
    const timer = setTimeout(() => {
      if (document.activeElement === document.body) button.current?.focus();
    });
    return () => {
      clearTimeout(timer);
    };
  }, [editing]);
  const close = () => {
    setEditing(false);
  };
  if (!editing) {
    return (
      <button
        ref={button}
        type="button"
        tabIndex={isStop ? 0 : -1}
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
    if (event.key !== 'Escape') return;
    // It closes the editor, and nothing around it.
    event.preventDefault();
    close();
  };
  return <div onKeyDown={onKeyDown}>{editor(close)}</div>;
}
