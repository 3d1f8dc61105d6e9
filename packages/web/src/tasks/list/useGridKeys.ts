import { useEffect, useState, type FocusEvent, type KeyboardEvent, type RefObject } from 'react';
import type { Picked } from './usePicked.ts';
import type { Line } from './useTaskList.ts';

/** What the keys of the grid do with the picked tasks, or with the one where one is. */
export interface GridActions {
  open: (id: number) => void;
  complete: (ids: readonly number[]) => void;
  remove: (ids: readonly number[]) => void;
  /** Asks for a value, a project or tags. */
  ask: (what: 'value' | 'project' | 'tags', ids: readonly number[]) => void;
  /** Moves beside the neighbours in the order by hand. */
  place: (ids: readonly number[], beside: number, side: 'before' | 'behind') => void;
}

interface Options {
  lines: readonly Line[];
  columns: number;
  picked: Picked;
  actions: GridActions;
  showLine: (index: number) => void;
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

/** One stop of the Tab key in the grid; arrow keys go from cell to cell, single letters act. All are off while a cell is open. */
export function useGridKeys({ lines, columns, picked, actions, showLine, root }: Options) {
  const [at, setAt] = useState<Place>({ line: 0, column: 0 });
  const [going, setGoing] = useState(false);
  useEffect(() => {
    if (!going) return;
    const cell = root.current?.querySelector(cellAt(at));
    const target = cell?.matches('button, a') ? cell : cell?.querySelector('button, a');
    if (!(target instanceof HTMLElement)) return;
    target.focus();
    setGoing(false);
  }, [going, at, root, lines]);
  const stop = { line: Math.min(at.line, lines.length - 1), column: Math.min(at.column, columns - 1) };
  const go = ({ line, column }: Place) => {
    const next = { line: clamp(line, lines.length), column: clamp(column, columns) };
    showLine(next.line);
    setAt(next);
    setGoing(true);
  };
  const idAt = (line: number) => {
    const there = lines[line];
    return there && 'id' in there ? there.id : null;
  };
  const chosen = () => {
    const here = idAt(stop.line);
    return picked.ids.size > 0 ? [...picked.ids] : here === null ? [] : [here];
  };
  const moveBy = (step: 1 | -1, event: KeyboardEvent) => {
    const beside = idAt(stop.line + step);
    if (event.altKey) {
      if (beside !== null) actions.place(chosen(), beside, step < 0 ? 'before' : 'behind');
      return;
    }
    const here = idAt(stop.line);
    if (event.shiftKey && here !== null && beside !== null) {
      if (!picked.ids.has(here)) picked.toggle(here);
      picked.pickTo(beside);
    }
    go({ ...stop, line: stop.line + step });
  };
  const keys: Readonly<Record<string, (event: KeyboardEvent) => void>> = {
    ArrowDown: (event) => { moveBy(1, event); },
    ArrowUp: (event) => { moveBy(-1, event); },
    ArrowLeft: () => { go({ ...stop, column: stop.column - 1 }); },
    ArrowRight: () => { go({ ...stop, column: stop.column + 1 }); },
    PageDown: () => { go({ ...stop, line: stop.line + 20 }); },
    PageUp: () => { go({ ...stop, line: stop.line - 20 }); },
    Home: () => { go({ ...stop, line: 0 }); },
    End: () => { go({ ...stop, line: lines.length - 1 }); },
    ' ': () => {
      const here = idAt(stop.line);
      if (here !== null) picked.toggle(here);
    },
    Escape: () => { picked.letGo(); },
    c: () => { actions.complete(chosen()); },
    o: () => {
      const here = idAt(stop.line);
      if (here !== null) actions.open(here);
    },
    v: () => { actions.ask('value', chosen()); },
    m: () => { actions.ask('project', chosen()); },
    t: () => { actions.ask('tags', chosen()); },
    Delete: () => { actions.remove(chosen()); },
  }; // prettier-ignore
  return {
    /** The column where the Tab key stops in a line, null in all others. */
    stopIn: (line: number) => (line === stop.line ? stop.column : null),
    onFocusCell: (line: number, column: number) => (event: FocusEvent) => {
      if (event.currentTarget.contains(event.target) && (at.line !== line || at.column !== column))
        setAt({ line, column });
    },
    onKeyDown: (event: KeyboardEvent) => {
      if (event.defaultPrevented || event.ctrlKey || event.metaKey || isWriting(event.target)) return;
      const work = keys[event.key];
      if (!work) return;
      event.preventDefault();
      work(event);
    },
  };
}

const clamp = (n: number, count: number) => Math.max(0, Math.min(n, count - 1));
