import type { Rule } from '@hatband/contract';
import { DragDropProvider, type DragEndEvent } from '@dnd-kit/react';
import { isSortable, useSortable } from '@dnd-kit/react/sortable';
import { Link } from 'react-router';
import { Band } from '../../shared/page/Band.tsx';
import css from '../Rules.module.css';

interface Props {
  /** In the order that is shown. */
  rules: readonly Rule[];
  openId: string | undefined;
  onMove: (id: string, to: number) => void;
}

/** The rules in the order in which they are asked; a handle moves one, by dragging or with Space and the arrow keys. */
export function RuleStack({ rules, openId, onMove }: Props) {
  const onDragEnd = ({ canceled, operation: { source } }: DragEndEvent) => {
    if (canceled || !isSortable(source) || source.index === source.initialIndex) return;
    onMove(String(source.id), source.index);
  };
  return (
    <nav className={css.stack} aria-label="Rules in order">
      <DragDropProvider onDragEnd={onDragEnd}>
        {rules.map((rule, index) => (
          <StackLine key={rule.id} rule={rule} index={index} open={rule.id === openId} />
        ))}
      </DragDropProvider>
      <p className={css.last}>
        Asked from the top; the first that takes a message makes its task. Mail that none takes becomes an
        unclaimed task by the built-in reading.
      </p>
    </nav>
  );
}

const STATES = { live: 'live', draft: 'draft', paused: 'paused' };

function StackLine({ rule, index, open }: { rule: Rule; index: number; open: boolean }) {
  const { ref, handleRef } = useSortable({ id: rule.id, index });
  const shown = rule.draft ?? rule.live;
  const changed = rule.draft !== null && rule.version !== null;
  return (
    <div ref={ref} className={css.stackLine} data-open={open}>
      <button
        ref={handleRef}
        type="button"
        className={css.handle}
        aria-label={`move: ${shown?.name ?? ''}`}
        title="Drag, or press Space and the arrow keys, to ask it earlier or later"
      >
        {index + 1}
      </button>
      <Link to={`/rules/${rule.id}`} aria-current={open ? 'true' : undefined}>
        <Band band={rule.state === 'live' ? (shown?.band ?? null) : null} />
        <span className={css.stackName}>
          <b>{shown?.name}</b>
          <span>
            {rule.problems.length > 0 && <b className={css.broken}>⚠ broken: </b>}
            {rule.problems[0]?.message ?? STATES[rule.state]}
            {changed && ', draft of a change'}
          </span>
        </span>
        <span className={css.count} title="taken in the last 30 days">
          {rule.takenIn30Days}
          <br />
          in 30 d
        </span>
      </Link>
    </div>
  );
}
