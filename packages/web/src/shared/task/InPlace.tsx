import {
  createContext,
  useContext,
  useEffect,
  useRef,
  useState,
  type KeyboardEvent,
  type ReactNode,
} from 'react';
import type { TaskCandidate } from '@hatband/contract';
import { OffersContext } from './candidates.ts';
import css from './fields.module.css';
import { OfferedValues } from './OfferedValues.tsx';

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
  const offers = useContext(OffersContext);
  const offered = offers?.candidates.filter(({ field }) => field === name) ?? [];
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
  const take = ({ change }: TaskCandidate) => {
    offers?.take(change);
    close();
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const n = event.altKey ? /^Digit([1-9])$/.exec(event.code)?.[1] : undefined;
    const chosen = n === undefined ? undefined : offered[Number(n) - 1];
    if (!chosen && event.key !== 'Escape') return;
    // It closes the editor, and nothing around it.
    event.preventDefault();
    if (chosen) take(chosen);
    else close();
  };
  return (
    <div className={css.open} onKeyDown={onKeyDown}>
      {offered.length > 0 && <OfferedValues candidates={offered} onTake={take} onPoint={offers?.onPoint} />}
      {editor(close)}
    </div>
  );
}
