import type { Task } from '@hatband/contract';
import { isDone } from '@hatband/core/tasks';
import { Button } from 'antd';
import { Link } from 'react-router';
import { answerUrl, type Answered } from './answerUrl.ts';
import css from './TaskPage.module.css';
import type { TaskWork } from './useTaskWork.ts';

interface Props {
  task: Task;
  answered: Answered | null;
  work: TaskWork;
}

/** What one does with a task most. */
export function SheetActions({ task, answered, work }: Props) {
  if (task.deletedAt !== null)
    return (
      <div className={css.actions}>
        <span>
          It lies in the bin
          {task.mergedInto !== null && (
            <>
              {' '}
              as a part of <Link to={`/tasks/${String(task.mergedInto)}`}>another task</Link>
            </>
          )}
          .
        </span>
        <Button type="primary" onClick={work.remove}>
          Bring it back
        </Button>
      </div>
    );
  return (
    <div className={css.actions}>
      {answered && (
        <Button href={answerUrl(answered)}>Answer {answered.to.name || answered.to.address}</Button>
      )}
      <Button type="primary" onClick={work.complete}>
        {isDone(task.status) ? 'Open it again' : 'Complete'}
      </Button>
    </div>
  );
}
