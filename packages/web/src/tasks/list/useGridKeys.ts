import { flushSync } from 'react-dom';
import { useEffect, useRef, useState, type KeyboardEvent, type RefObject } from 'react';
import type { Picked } from '../../shared/usePicked.ts';
import type { Line } from './useTaskList.ts';

/** What the keys of the grid do with the picked tasks, or with the one where one is. */
export interface GridActions {
  open?: (id: number) => void;
  complete: (ids: readonly number[]) => void;
  remove: (ids: readonly number[]) => void;
  /** Asks for a value, a project or tags. */
  ask: (what: 'value' | 'project' | 'tags', ids: readonly number[]) => void;
  /** Moves beside the neighbours, where the order is by hand. */
  place?: (ids: readonly number[], beside: number, side: 'before' | 'behind') => void;
}

interface Options {
  lines: readonly Line[];
  columns: number;
  picked: Picked;
  actions: GridActions;
  showLine: (index: number) => void;
  /** Letters write into the cell instead of acting. */
  isWritten: boolean;
  /** Hears which task the user is at. */
  onActive: ((id: number) => void) | undefined;
  root: RefObject<HTMLElement | null>;
}

interface Place {
  line: number;
  column: number;
}

const cellAt = ({ line, column }: Place) => `[data-cell="${String(line)}:${String(column)}"]`;

const isWriting = (target: EventTarget) =>
  target instanceof HTMLElement &&
  (target.matches('input, textarea, [contenteditable]') || target.closest('.ant-select') !== null);

/** Where the user is, and how he gets elsewhere. */
interface Moving {
  stop: Place;
  go: (to: Place) => void;
  idAt: (line: number) => number | null;
}

function useStop({ lines, columns, showLine, root }: Options): Moving & { setAt: (at: Place) => void } {
  const [at, setAt] = useState<Place>({ line: 0, column: 0 });
  const going = useRef(false);
  useEffect(() => {
    if (!going.current) return;
    const cell = root.current?.querySelector(cellAt(at));
    const target = cell?.matches('button, a') ? cell : cell?.querySelector('button, a');
    // The line may come into sight a moment later.
    if (!(target instanceof HTMLElement)) return;
    going.current = false;
    target.focus();
  });
  const go = ({ line, column }: Place) => {
    const next = { line: clamp(line, lines.length), column: clamp(column, columns) };
    going.current = true;
    showLine(next.line);
    setAt(next);
  };
  const idAt = (line: number) => {
    const there = lines[line];
    return there && 'id' in there ? there.id : null;
  };
  return {
    stop: { line: Math.min(at.line, lines.length - 1), column: Math.min(at.column, columns - 1) },
    go,
    idAt,
    setAt,
  };
}

type Keys = Readonly<Record<string, (event: KeyboardEvent) => void>>;

function keysOf({ lines, picked, actions, isWritten }: Options, { stop, go, idAt }: Moving): Keys {
  const here = idAt(stop.line);
  const chosen = () => (picked.ids.size > 0 ? [...picked.ids] : here === null ? [] : [here]);
  const to =
    (line: number, column = stop.column) =>
    () => {
      go({ line, column });
    };
  const moveBy = (step: 1 | -1) => (event: KeyboardEvent) => {
    const beside = idAt(stop.line + step);
    if (event.altKey && actions.place) {
      if (beside !== null) actions.place(chosen(), beside, step < 0 ? 'before' : 'behind');
      return;
    }
    if (event.shiftKey && here !== null && beside !== null) {
      if (!picked.ids.has(here)) picked.toggle(here);
      picked.pickTo(beside);
    }
    to(stop.line + step)();
  };
  const withHere = (work: ((id: number) => void) | undefined) => () => {
    if (here !== null) work?.(here);
  };
  const withChosen = (work: (ids: readonly number[]) => void) => () => {
    const ids = chosen();
    if (ids.length > 0) work(ids);
  };
  return {
    ArrowDown: moveBy(1),
    ArrowUp: moveBy(-1),
    ArrowLeft: to(stop.line, stop.column - 1),
    ArrowRight: to(stop.line, stop.column + 1),
    PageDown: to(stop.line + PAGE),
    PageUp: to(stop.line - PAGE),
    Home: to(0),
    End: to(lines.length - 1),
    ' ': withHere(picked.toggle),
    Escape: picked.letGo,
    // Where one writes, it would be taken for emptying the cell.
    Delete: () => { if (!isWritten || picked.ids.size > 0) withChosen(actions.remove)(); },
    o: withHere(actions.open),
    c: withChosen(actions.complete),
    v: withChosen((ids) => { actions.ask('value', ids); }),
    m: withChosen((ids) => { actions.ask('project', ids); }),
    t: withChosen((ids) => { actions.ask('tags', ids); }),
  }; // prettier-ignore
}

const PAGE = 20;

/** One stop of the Tab key in the grid; arrow keys go from cell to cell, single letters act. All are off while a cell is open. */
export function useGridKeys(options: Options) {
  const { setAt, ...moving } = useStop(options);
  const { stop, go, idAt } = moving;
  const { isWritten, onActive } = options;
  const keys = keysOf(options, moving);
  return {
    /** The column where the Tab key stops in a line, null in all others. */
    stopIn: (line: number) => (line === stop.line ? stop.column : null),
    onFocusCell: (line: number, column: number) => () => {
      if (stop.line !== line || stop.column !== column) setAt({ line, column });
      const id = idAt(line);
      if (id !== null) onActive?.(id);
    },
    /** To the line below. */
    goDown: () => {
      go({ ...stop, line: stop.line + 1 });
    },
    onKeyDown: (event: KeyboardEvent) => {
      if (event.defaultPrevented || event.ctrlKey || event.metaKey || isWriting(event.target)) return;
      if (isWritten && isCharacter(event)) {
        openCell(event.target);
        return;
      }
      const work = keys[event.key];
      if (!work) return;
      event.preventDefault();
      work(event);
    },
  };
}

/** The editor has the focus before the character is written. */
function openCell(cell: EventTarget): void {
  if (cell instanceof HTMLButtonElement)
    flushSync(() => {
      cell.click();
    });
}

const isCharacter = ({ key, altKey }: KeyboardEvent) => key.length === 1 && key !== ' ' && !altKey;

const clamp = (n: number, count: number) => Math.max(0, Math.min(n, count - 1));
