import type { Task } from '@hatband/contract';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { ruleNames } from '../api/queries.ts';
import { useClock } from '../shared/clock.ts';
import { Foreign } from '../shared/page/Foreign.tsx';
import { LinkButton } from '../shared/page/LinkButton.tsx';
import css from './TaskPage.module.css';

interface Props {
  task: Task;
  /** Its place in the view; −1 where it is not in it. */
  at: number;
  of: number;
  onGo: (step: 1 | -1) => () => void;
  onClose: () => void;
}

/** Where in the list one is, and what made the task. */
export function SheetBar({ task, at, of, onGo, onClose }: Props) {
  const clock = useClock();
  const { data } = useQuery(ruleNames);
  const rule = data?.items.find(({ id }) => id === task.ruleId);
  return (
    <div className={css.bar}>
      {at >= 0 && (
        <>
          <span>
            {at + 1} of {of}
          </span>
          <LinkButton disabled={at === 0} onClick={onGo(-1)}>
            <kbd>Page ↑</kbd> previous
          </LinkButton>
          <LinkButton disabled={at === of - 1} onClick={onGo(1)}>
            <kbd>Page ↓</kbd> next
          </LinkButton>
        </>
      )}
      <span>
        {rule ? (
          <>
            made by the rule{' '}
            <Link to={`/rules/${rule.id}`}>
              <Foreign words={rule.name} />
            </Link>
          </>
        ) : (
          'made by the built-in reading'
        )}
        , {clock.ago(task.createdAt)}
      </span>
      <LinkButton onClick={onClose}>back to the whole list</LinkButton>
    </div>
  );
}
