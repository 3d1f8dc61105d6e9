import type { Task, ValueSource } from '@hatband/contract';
import { useQuery } from '@tanstack/react-query';
import type { Mailbox } from '@hatband/core/mail';
import { READING_KINDS, type ReadingKind } from '@hatband/core/rules';
import type { TaskField } from '@hatband/core/tasks';
import { Checkbox } from 'antd';
import type { ReactNode } from 'react';
import { rules } from '../api/queries.ts';
import { Band } from '../shared/Band.tsx';
import { dayText, useClock } from '../shared/clock.ts';
import { DueField, PriorityField, ProjectField, TitleField } from '../shared/fields.tsx';
import { ErrorLine } from '../shared/Page.tsx';
import { useNames } from '../shared/names.ts';
import { useChangeTask } from '../shared/useChangeTask.ts';
import { keyOf, same, type Pointed } from './marks.ts';
import css from './TaskCard.module.css';

interface Pointing {
  pointed: Pointed | null;
  onPoint: (pointed: Pointed | null) => void;
}

/** A task beside its message: each value with where it came from, changed in place. */
export function TaskCard({ task, who, ...pointing }: Pointing & { task: Task; who: Mailbox | null }) {
  const change = useChangeTask(task);
  const { data } = useQuery(rules);
  const rule = data?.items.find((r) => r.id === task.ruleId);
  const set = change.mutate;
  const done = task.status === 'completed';
  return (
    <section className={css.card} aria-label="Task">
      <Band band={(rule?.live ?? rule?.draft)?.band ?? null} />
      <div className={css.content}>
        <Row task={task} field="title" {...pointing} bare>
          <TitleField
            value={task.title}
            onChange={(title) => {
              set({ title });
            }}
          />
        </Row>
        <Row task={task} field="due" {...pointing}>
          <DueField
            value={task.due}
            onChange={(due) => {
              set({ due });
            }}
          />
        </Row>
        <Row task={task} field="priority" {...pointing}>
          <PriorityField
            value={task.priority}
            onChange={(priority) => {
              set({ priority });
            }}
          />
        </Row>
        <Row task={task} field="project" {...pointing}>
          <ProjectField
            value={task.project}
            onChange={(project) => {
              set({ project });
            }}
          />
        </Row>
        {who && (
          <div className={css.row}>
            <span className={css.name} style={{ color: 'var(--field-who)' }}>
              asks
            </span>
            <div className={css.value}>{who.name || who.address}</div>
          </div>
        )}
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

interface RowProps extends Pointing {
  task: Task;
  field: TaskField;
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
      style={on ? { background: `var(--field-${field}-wash)` } : undefined}
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
        <span className={css.name} style={{ color: `var(--field-${field})` }}>
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
function Source({ field, source }: { field: TaskField; source: ValueSource }) {
  const clock = useClock();
  const names = useNames();
  if (source.by === 'rule')
    return <p className={css.source}>{`${source.ruleName}: ${readingLabel(source.readingKind)}`}</p>;
  const was =
    source.was === null
      ? 'nothing'
      : field === 'due'
        ? dayText(source.was, clock.today)
        : field === 'project'
          ? names.project(source.was)
          : `“${source.was}”`;
  return <p className={css.source}>{`changed by you, read as ${was}`}</p>;
}

function readingLabel(kind: string): string {
  return kind in READING_KINDS ? READING_KINDS[kind as ReadingKind].label : 'its route';
}
