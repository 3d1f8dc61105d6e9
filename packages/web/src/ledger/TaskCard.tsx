import type { Task, ValueSource } from '@hatband/contract';
import { useQuery } from '@tanstack/react-query';
import type { Mailbox } from '@hatband/core/mail';
import { Checkbox } from 'antd';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { Foreign } from '../shared/page/Foreign.tsx';
import { ruleNames } from '../api/queries.ts';
import { Band } from '../shared/page/Band.tsx';
import { dayText, useClock } from '../shared/clock.ts';
import { TitleField } from '../shared/task/TextField.tsx';
import { hueOf, washOf } from '../shared/page/hues.ts';
import { ErrorLine } from '../shared/page/Page.tsx';
import { useProjectName } from '../shared/names.ts';
import { TaskRows } from '../shared/task/TaskRows.tsx';
import { useChangeTask } from '../shared/task/useChangeTask.ts';
import { keyOf, same, type Pointed } from './marks.ts';
import css from './TaskCard.module.css';

interface Pointing {
  pointed: Pointed | null;
  onPoint: (pointed: Pointed | null) => void;
}

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
        <Row task={task} field="title" {...pointing} bare>
          <TitleField
            value={task.title}
            onChange={(title) => {
              set({ title });
            }}
          />
        </Row>
        <TaskRows
          task={task}
          filled
          onChange={set}
          row={(field, editor) => (
            <Row key={field} task={task} field={field} {...pointing}>
              {editor}
            </Row>
          )}
        />
        {who && (
          <div className={css.row}>
            <span className={css.name} style={{ color: 'var(--field-who)' }}>
              asks
            </span>
            <div className={css.value}>
              <Foreign words={who.name || who.address} />
            </div>
          </div>
        )}
        <Checklist items={task.checklist} />
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

function Checklist({ items }: { items: readonly string[] }) {
  if (items.length === 0) return null;
  return (
    <ul className={css.checklist} aria-label="checklist">
      {items.map((each) => (
        <li key={each}>{each}</li>
      ))}
    </ul>
  );
}

interface RowProps extends Pointing {
  task: Task;
  field: string;
  /** Without the field's name. */
  bare?: boolean;
  children: ReactNode;
}

function Row({ task, field, bare = false, pointed, onPoint, children }: RowProps) {
  const here: Pointed = { taskId: task.id, field };
  const source = task.evidence[field];
  const on = same(pointed, here);
  return (
    <div
      className={`${css.row ?? ''} ${bare ? (css.bare ?? '') : ''}`}
      style={on ? { background: washOf(field) } : undefined}
      data-value={keyOf(here)}
      onMouseEnter={() => {
        onPoint(here);
      }}
      onMouseLeave={() => {
        onPoint(null);
      }}
      onFocus={() => {
        onPoint(here);
      }}
      onBlur={() => {
        onPoint(null);
      }}
    >
      {!bare && (
        <span className={css.name} style={{ color: hueOf(field) }}>
          {field}
        </span>
      )}
      <div className={css.value}>
        {children}
        {source && <Source field={field} source={source} />}
      </div>
    </div>
  );
}

/** “Loans: the deadline in the words”, or who changed it and what it was. */
function Source({ field, source }: { field: string; source: ValueSource }) {
  const clock = useClock();
  const projectName = useProjectName();
  if (source.by === 'rule')
    return (
      <p className={css.source}>
        {`${source.ruleName}: ${source.reading}`}
        {source.warning !== undefined && <b> {source.warning}</b>}
      </p>
    );
  const was =
    source.was === null
      ? 'nothing'
      : /^\d{4}-\d\d-\d\d/.test(source.was)
        ? dayText(source.was, clock.today)
        : field === 'project'
          ? projectName(source.was)
          : `“${source.was}”`;
  return <p className={css.source}>{`changed by you, read as ${was}`}</p>;
}
