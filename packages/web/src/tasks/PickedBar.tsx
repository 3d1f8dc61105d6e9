import { registers, type TaskChange, type TaskGroup } from '@hatband/contract';
import type { TaskColumn } from '@hatband/core/tasks';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState, type ReactNode } from 'react';
import { projects, register } from '../api/queries.ts';
import { Choose } from '../shared/forms/Choose.tsx';
import { Words } from '../shared/forms/Words.tsx';
import { LinkButton } from '../shared/page/LinkButton.tsx';
import { TaskField } from '../shared/task/TaskField.tsx';
import { blankTask } from './blankTask.ts';
import { columnChoices } from './list/columns.ts';
import { addedUp, saySum } from './list/sayGroup.ts';
import css from './Tasks.module.css';

export type Asking = 'value' | 'project' | 'tags';

interface Props {
  ids: readonly number[];
  isBin: boolean;
  /** What is asked for just now. */
  asking: Asking | null;
  onAsk: (asking: Asking | null) => void;
  onChange: (change: TaskChange) => void;
  onLetGo: () => void;
}

/** What can be done with the picked tasks, with the keys for it. */
export function PickedBar({ ids, isBin, asking, onAsk, onChange, onLetGo }: Props) {
  const done = (change: TaskChange) => {
    onAsk(null);
    onChange(change);
  };
  return (
    <div className={css.picked} role="toolbar" aria-label="With the picked tasks">
      <b>With {ids.length === 1 ? 'this one' : `these ${String(ids.length)}`}:</b>
      {isBin ? (
        <KeyButton keys="Del" onClick={() => { onChange({ deleted: false }); }}>bring back</KeyButton>
      ) : (
        <>
          <KeyButton keys="V" onClick={() => { onAsk('value'); }}>set a value …</KeyButton>
          <KeyButton keys="C" onClick={() => { onChange({ status: 'completed' }); }}>complete</KeyButton>
          <KeyButton keys="M" onClick={() => { onAsk('project'); }}>move …</KeyButton>
          <KeyButton keys="T" onClick={() => { onAsk('tags'); }}>tag …</KeyButton>
          <KeyButton keys="Del" onClick={() => { onChange({ deleted: true }); }}>delete</KeyButton>
        </>
      )}
      <KeyButton keys="Esc" onClick={onLetGo}>let go</KeyButton>
      {asking && (
        <div className={css.asking}>
          {asking === 'project' && <ProjectOf onDone={done} />}
          {asking === 'tags' && <TagsOf onDone={done} />}
          {asking === 'value' && <ValueOf onDone={done} />}
          <LinkButton onClick={() => { onAsk(null); }}>Leave it</LinkButton>
        </div>
      )}
    </div>
  );
} // prettier-ignore

function KeyButton({ keys, children, onClick }: { keys: string; children: ReactNode; onClick: () => void }) {
  return (
    <button type="button" className={css.key} onClick={onClick}>
      <kbd>{keys}</kbd> {children}
    </button>
  );
}

interface AskProps {
  onDone: (change: TaskChange) => void;
}

function ProjectOf({ onDone }: AskProps) {
  const { data } = useQuery(projects);
  return (
    <Choose
      autoFocus
      defaultOpen
      showSearch
      aria-label="move to the project"
      placeholder="a project"
      value={null}
      options={[
        ...(data?.items ?? []).map(({ id, name }) => ({ value: id, label: name })),
        { value: '', label: 'no project' },
      ]}
      onChange={(id) => {
        onDone({ project: id === '' ? null : id });
      }}
    />
  );
}

function TagsOf({ onDone }: AskProps) {
  const { data } = useQuery(register(registers.tags));
  const [tags, setTags] = useState<string[]>([]);
  return (
    <>
      <Words
        name="tags to add"
        words={tags}
        options={data?.items.map(({ body }) => body.name) ?? []}
        onChange={setTags}
      />
      <Button
        type="primary"
        disabled={tags.length === 0}
        onClick={() => {
          onDone({ addTags: tags });
        }}
      >
        Add
      </Button>
    </>
  );
}

const FIXED = ['asks', 'rule', 'created', 'changed', 'completed', 'reminders'];

/** A field, and its value by the editor of its kind. */
function ValueOf({ onDone }: AskProps) {
  const { data } = useQuery(projects);
  const [field, setField] = useState<string | null>(null);
  const known = data?.items ?? [];
  const kind = (name: string) => known.flatMap(({ fields }) => fields).find((each) => each.name === name);
  return (
    <>
      <Choose
        autoFocus
        defaultOpen
        showSearch
        aria-label="which field"
        placeholder="which field"
        value={field}
        options={columnChoices(known).filter(({ value }) => !FIXED.includes(value))}
        onChange={setField}
      />
      {field !== null && (
        <span className={css.newValue}>
          <TaskField key={field} task={blankTask} field={field} own={kind} onChange={onDone} />
        </span>
      )}
    </>
  );
}

interface SumProps {
  groups: readonly TaskGroup[];
  columns: readonly TaskColumn[];
}

/** What all shown tasks come to, in the columns that can be summed. */
export function Sums({ groups, columns }: SumProps) {
  const sums = addedUp(groups);
  const open = groups.reduce((n, group) => n + group.open, 0);
  const said = columns.map(({ field }) => saySum({ sums }, field)).filter((words) => words !== '');
  return (
    <p className={css.sums}>
      <b>{open} open</b>
      {said.map((words) => (
        <span key={words}>{words}</span>
      ))}
    </p>
  );
}
