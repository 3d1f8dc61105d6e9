import { mergeTask, type Task, type TaskChange } from '@hatband/contract';
import { labelOfField, ownField, ownNameOf } from '@hatband/core/tasks';
import { useQuery } from '@tanstack/react-query';
import { Button, Radio, Select } from 'antd';
import { useState } from 'react';
import { call } from '../api/call.ts';
import { found, taskThread } from '../api/queries.ts';
import { taskRows } from '../api/tasks.ts';
import { sayValue } from '../tasks/filter/sayValue.ts';
import { useFilterNames } from '../tasks/filter/useFilterNames.ts';
import { Foreign } from '../shared/page/Foreign.tsx';
import { LinkButton } from '../shared/page/LinkButton.tsx';
import { ErrorLine } from '../shared/page/Page.tsx';
import { valueOf } from '../shared/task/valueOf.ts';
import { useAct } from '../shared/useAct.ts';
import css from './TaskPage.module.css';

interface Props {
  task: Task;
  /** The tasks of the view, offered first. */
  order: readonly number[];
  onDone: () => void;
}

const OFFERED = 40;

/** Chooses another task and, field by field, whose value stays; the other becomes a part of this one. */
export function MergeForm({ task, order, onDone }: Props) {
  const [otherId, setOtherId] = useState<number | null>(null);
  const { data: chosen } = useQuery(taskRows(otherId === null ? [] : [otherId]));
  const other = chosen?.items.find(({ id }) => id === otherId);
  return (
    <section aria-label="Merge" className={css.merge}>
      <p>
        Merge with <OtherTask task={task} order={order} value={otherId} onChange={setOtherId} />
        <LinkButton onClick={onDone}>leave both</LinkButton>
      </p>
      {other && <Choices key={other.id} task={task} other={other} onDone={onDone} />}
    </section>
  );
}

interface OtherProps extends Pick<Props, 'task' | 'order'> {
  value: number | null;
  onChange: (id: number) => void;
}

/** Tasks of the thread and of the list, or those that have some words. */
function OtherTask({ task, order, value, onChange }: OtherProps) {
  const [words, setWords] = useState('');
  const { data: thread } = useQuery(taskThread(task.id));
  const { data: searched } = useQuery(found({ words, kind: 'task' }));
  const offered = [...new Set([...(thread?.tasks ?? []).map(({ id }) => id), ...order])];
  const { data: rows } = useQuery(taskRows(offered.slice(0, OFFERED)));
  const options =
    words === ''
      ? (rows?.items ?? []).map(({ id, title }) => ({ value: id, label: title }))
      : (searched?.items ?? []).map(({ id, title }) => ({
          value: id,
          label: title.map((part) => part.words).join(''),
        }));
  return (
    <Select
      autoFocus
      showSearch={{ filterOption: false, onSearch: setWords }}
      aria-label="the task to merge with"
      placeholder="find a task by its words"
      className={css.other ?? ''}
      value={value}
      options={options.filter((option) => option.value !== task.id)}
      onChange={onChange}
      notFoundContent={words === '' ? 'No other task is in this list.' : 'No task has these words.'}
    />
  );
}

interface ChoicesProps extends Pick<Props, 'task' | 'onDone'> {
  other: Task;
}

/** Whose value stays in each field in which they differ. */
function Choices({ task, other, onDone }: ChoicesProps) {
  const [theirs, setTheirs] = useState<ReadonlySet<string>>(new Set());
  const act = useAct('task', 'act');
  const fields = differingFields(task, other);
  const merge = () => {
    const change = changeOf(
      other,
      fields.filter((field) => theirs.has(field)),
    );
    act.mutate(async () => {
      const seen = { params: { id: task.id }, revision: task.revision };
      await call(mergeTask, { ...seen, body: { other: other.id, change } });
      onDone();
    });
  };
  const choose = (field: string) => (isTheirs: boolean) => {
    const next = new Set(theirs);
    if (isTheirs) next.add(field);
    else next.delete(field);
    setTheirs(next);
  };
  return (
    <>
      <p>
        <span>
          “<Foreign words={other.title} />” goes into the bin; its comments, mail and proposals belong to this
          task.
          {fields.length > 0 && ' Choose what stays:'}
        </span>
      </p>
      <table>
        <tbody>
          {fields.map((field) => (
            <Choice
              key={field}
              field={field}
              tasks={[task, other]}
              isTheirs={theirs.has(field)}
              onChoose={choose(field)}
            />
          ))}
        </tbody>
      </table>
      <Button type="primary" loading={act.isPending} onClick={merge}>
        Merge them
      </Button>
      <ErrorLine error={act.error} />
    </>
  );
}

interface ChoiceProps {
  field: string;
  tasks: readonly [Task, Task];
  isTheirs: boolean;
  onChoose: (isTheirs: boolean) => void;
}

function Choice({ field, tasks, isTheirs, onChoose }: ChoiceProps) {
  const names = useFilterNames();
  const [mine, other] = tasks.map((task) => sayValue(field, valueOf(task, field), names) || 'none');
  return (
    <tr>
      <th scope="row">{labelOfField(field)}</th>
      <td>
        <Radio.Group
          className={css.choice ?? ''}
          aria-label={labelOfField(field)}
          value={isTheirs}
          onChange={(event) => {
            onChoose(event.target.value === true);
          }}
          options={[
            { value: false, label: mine ?? '' },
            { value: true, label: other ?? '' },
          ]}
        />
      </td>
    </tr>
  );
}

const MERGED = [
  'title', 'due', 'start', 'deadline', 'priority', 'project', 'assignee', 'tags', 'effort', 'notes',
]; // prettier-ignore

/** The fields in which two tasks differ. */
function differingFields(a: Task, b: Task): string[] {
  const own = new Set([...Object.keys(a.fields), ...Object.keys(b.fields)].map(ownField));
  return [...MERGED, ...own].filter(
    (field) => JSON.stringify(valueOf(a, field)) !== JSON.stringify(valueOf(b, field)),
  );
}

/** The change that gives a task these values of another. */
function changeOf({ fields, project, ...other }: Task, taken: readonly string[]): TaskChange | null {
  if (taken.length === 0) return null;
  const own = taken.flatMap((field) => ownNameOf(field) ?? []);
  const builtIn = taken.filter((field) => ownNameOf(field) === null && field !== 'project');
  return {
    ...Object.fromEntries(builtIn.map((field) => [field, other[field as keyof typeof other]])),
    ...(taken.includes('project') ? { project: project?.id ?? null } : {}),
    ...(own.length > 0
      ? { fields: Object.fromEntries(own.map((name) => [name, fields[name] ?? null])) }
      : {}),
  };
}
