import type { Task, TaskChange, ValueSource } from '@hatband/contract';
import { labelOfField } from '@hatband/core/tasks';
import { useQuery } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { projects } from '../api/queries.ts';
import { dayText, useClock } from '../shared/clock.ts';
import { useProjectName } from '../shared/names.ts';
import { hueOf, washOf } from '../shared/page/hues.ts';
import { LinkButton } from '../shared/page/LinkButton.tsx';
import { keyOf, same, type Pointed } from './marks.ts';
import { readAgain } from './readAgain.ts';
import css from './TaskCard.module.css';

export interface Pointing {
  pointed: Pointed | null;
  onPoint: (pointed: Pointed | null) => void;
}

interface RowProps extends Pointing {
  task: Task;
  field: string;
  /** Without the field's name. */
  bare?: boolean;
  onChange: (change: TaskChange) => void;
  children: ReactNode;
}

/** A value of a task with where it came from, tied to its words in the message. */
export function FieldRow({ task, field, bare = false, pointed, onPoint, onChange, children }: RowProps) {
  const here: Pointed = { taskId: task.id, field };
  const source = task.evidence[field];
  const point = () => {
    onPoint(here);
  };
  const leave = () => {
    onPoint(null);
  };
  return (
    <div
      className={`${css.row ?? ''} ${bare ? (css.bare ?? '') : ''}`}
      style={same(pointed, here) ? { background: washOf(field) } : undefined}
      data-value={keyOf(here)}
      onMouseEnter={point}
      onMouseLeave={leave}
      onFocus={point}
      onBlur={leave}
    >
      {!bare && (
        <span className={css.name} style={{ color: hueOf(field) }}>
          {labelOfField(field)}
        </span>
      )}
      <div className={css.value}>
        {children}
        {source?.by === 'rule' && (
          <p className={css.source}>
            {`${source.ruleName}: ${source.reading}`}
            {source.warning !== undefined && <b> {source.warning}</b>}
          </p>
        )}
        {source?.by === 'user' && (
          <Corrected task={task} field={field} was={source.was} onChange={onChange} />
        )}
      </div>
    </div>
  );
}

type CorrectedProps = Pick<RowProps, 'task' | 'field' | 'onChange'> &
  Pick<Extract<ValueSource, { by: 'user' }>, 'was'>;

/** What was read, where the user wrote something else. */
function Corrected({ task, field, was, onChange }: CorrectedProps) {
  const clock = useClock();
  const projectName = useProjectName();
  const { data } = useQuery(projects);
  if (was === null || was === '' || was === '[]') return <p className={css.source}>set by you</p>;
  const kind = data?.items
    .find(({ id }) => id === task.project?.id)
    ?.fields.find(({ name }) => name === field)?.kind;
  const again = readAgain(field, was, kind ?? null);
  const words = /^\d{4}-\d\d-\d\d/.test(was)
    ? dayText(was, clock.today)
    : field === 'project'
      ? projectName(was)
      : `“${was}”`;
  return (
    <p className={css.source}>
      changed by you, read as {words}
      {again && (
        <>
          {' '}
          <LinkButton
            aria-label={`Use ${words} again as ${labelOfField(field)}`}
            onClick={() => {
              onChange(again);
            }}
          >
            use it again
          </LinkButton>
        </>
      )}
    </p>
  );
}
