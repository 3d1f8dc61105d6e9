import type { Task, TaskChange } from '@hatband/contract';
import { ownNameOf } from '@hatband/core/tasks';
import type { ReactNode } from 'react';
import { TaskField, useOwnFieldNames } from './TaskField.tsx';
import { valueOf } from './valueOf.ts';

interface Props {
  task: Task;
  /** Fields without a value are left out, but for those that every task should have. */
  filled: boolean;
  onChange: (change: TaskChange) => void;
  /** A row with its field's name and its editor. */
  row: (field: string, editor: ReactNode) => ReactNode;
}

const ALWAYS: readonly string[] = ['due', 'priority', 'project'];
const BEFORE_OWN = [
  'due',
  'start',
  'deadline',
  'priority',
  'project',
  'section',
  'assignee',
  'tags',
  'reminders',
  'effort',
];

/** The fields of a task below its title, each with an editor of its kind. */
export function TaskRows({ task, filled, onChange, row }: Props) {
  const own = useOwnFieldNames(task);
  return [...BEFORE_OWN, ...own, 'notes']
    .filter((field) => !filled || ALWAYS.includes(field) || valueOf(task, field) !== null)
    .map((field) =>
      row(ownNameOf(field) ?? field, <TaskField key={field} task={task} field={field} onChange={onChange} />),
    );
}
