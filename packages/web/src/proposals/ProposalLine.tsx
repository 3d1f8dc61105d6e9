import type { StoredProposal } from '@hatband/contract';
import { TASK_FIELDS } from '@hatband/core/tasks';
import { Button } from 'antd';
import { Link } from 'react-router';
import { dayText, useClock } from '../shared/clock.ts';
import { Foreign } from '../shared/page/Foreign.tsx';
import css from './Proposals.module.css';

interface Props {
  proposal: StoredProposal;
  /** Whether the keys Y and N mean it. */
  hasKeys: boolean;
  /** Names the task too. */
  withTask?: boolean;
  onSettle: (accept: boolean) => void;
}

/** A change that a message asks for, with the words that say so. */
export function ProposalLine({ proposal, hasKeys, withTask = false, onSettle }: Props) {
  const { field, value, words, from, arrivalId, at, task } = proposal;
  const clock = useClock();
  const say = (of: string | null) =>
    of === null ? 'none' : field === 'due' ? dayText(of, clock.today) : of;
  return (
    <>
      <p className={css.words}>
        {withTask && (
          <b>
            <Link to={`/tasks/${String(task.id)}`}>
              <Foreign words={task.title} />
            </Link>
          </b>
        )}
        <span>
          <Foreign words={from || 'A message'} /> writes{' '}
          <Link to={`/ledger/${String(arrivalId)}`}>
            “<Foreign words={words} />”
          </Link>{' '}
          <small>{clock.ago(at)}</small>
        </span>
        <span>
          {TASK_FIELDS[field].name} <del>{say(task.now)}</del> → <b>{say(value)}</b>
        </span>
      </p>
      <div className={css.settle}>
        <Button size="small" type="primary" onClick={() => { onSettle(true); }}>
          {acceptLabel(proposal, clock.today)} {hasKeys && <kbd>Y</kbd>}
        </Button>
        <Button size="small" onClick={() => { onSettle(false); }}>
          Keep it as it is {hasKeys && <kbd>N</kbd>}
        </Button>
      </div>
    </>
  );
} // prettier-ignore

function acceptLabel({ field, value }: StoredProposal, today: string): string {
  if (field === 'due') return `Make it due ${dayText(value, today)}`;
  return value === 'cancelled' ? 'Cancel it' : 'Mark it done';
}
