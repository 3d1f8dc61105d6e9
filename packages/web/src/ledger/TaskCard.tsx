import type { Task } from '@hatband/contract';
import { useQuery } from '@tanstack/react-query';
import type { Mailbox } from '@hatband/core/mail';
import { Checkbox } from 'antd';
import { Link } from 'react-router';
import { PersonLink } from '../shared/page/PersonLink.tsx';
import { ruleNames } from '../api/queries.ts';
import { Band } from '../shared/page/Band.tsx';
import { TitleField } from '../shared/task/TextField.tsx';
import { ErrorLine } from '../shared/page/Page.tsx';
import { TaskRows } from '../shared/task/TaskRows.tsx';
import { useChangeTask } from '../shared/task/useChangeTask.ts';
import { Checklist } from '../shared/task/Checklist.tsx';
import { FieldRow, type Pointing } from './FieldRow.tsx';
import css from './TaskCard.module.css';

/** A task beside its message: each value with where it came from, changed in place. */
export function TaskCard({ task, who, ...pointing }: Pointing & { task: Task; who: Mailbox | null }) {
  const change = useChangeTask(task);
  const { data } = useQuery(ruleNames);
  const rule = data?.items.find((r) => r.id === task.ruleId);
  const set = change.mutate;
  const done = task.status === 'completed';
  return (
    <section className={css.card} aria-label="Task">
      <Band band={rule?.band ?? null} />
      <div className={css.content}>
        <FieldRow task={task} field="title" {...pointing} onChange={set} bare>
          <TitleField
            value={task.title}
            onChange={(title) => {
              set({ title });
            }}
          />
        </FieldRow>
        <TaskRows
          task={task}
          filled
          onChange={set}
          row={(field, editor) => (
            <FieldRow key={field} task={task} field={field} {...pointing} onChange={set}>
              {editor}
            </FieldRow>
          )}
        />
        {who && (
          <div className={css.row}>
            <span className={css.name} style={{ color: 'var(--field-who)' }}>
              asks
            </span>
            <div className={css.value}>
              <PersonLink who={who} />
            </div>
          </div>
        )}
        <Checklist
          lines={task.checklist}
          onChange={(checklist) => {
            set({ checklist });
          }}
        />
        <p className={css.page}>
          <Link to={`/tasks/${String(task.id)}`}>the task’s page</Link>
        </p>
        <Checkbox
          checked={done}
          onChange={(e) => {
            set({ status: e.target.checked ? 'completed' : 'needs action' });
          }}
        >
          done
        </Checkbox>
        <ErrorLine error={change.error} />
      </div>
    </section>
  );
}
