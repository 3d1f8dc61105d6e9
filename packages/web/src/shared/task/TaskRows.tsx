import { registers, type Task, type TaskChange } from '@hatband/contract';
import {
  checkKind,
  isBuiltIn,
  sameName,
  sayDuration,
  wordsOfValue,
  type OwnField,
  type Tag,
  type Value,
} from '@hatband/core/tasks';
import { useQuery } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { projects, register } from '../../api/queries.ts';
import { dayText, useClock } from '../clock.ts';
import { DayField } from './DayField.tsx';
import css from './fields.module.css';
import { NameField, NamesField, PriorityField, ProjectField } from './ChoiceField.tsx';
import { TextField } from './TextField.tsx';

interface Props {
  task: Task;
  /** Fields without a value are left out, but for those that every task should have. */
  filled: boolean;
  onChange: (change: TaskChange) => void;
  /** A row with its field's name and its editor. */
  row: (field: string, editor: ReactNode) => ReactNode;
}

const ALWAYS: readonly string[] = ['due', 'priority', 'project'];

/** The fields of a task below its title, each with an editor of its kind. */
export function TaskRows({ task, filled, onChange, row }: Props) {
  const own = useOwnFields(task);
  const editors: Record<string, ReactNode> = {
    ...builtInEditors(task, onChange),
    section: <SectionField task={task} onChange={onChange} />,
    assignee: <AssigneeField task={task} onChange={onChange} />,
    tags: <TagsField task={task} onChange={onChange} />,
    reminders: <Reminders task={task} />,
    ...(task.effort === null ? {} : { effort: sayDuration(task.effort) }),
    ...Object.fromEntries(
      own.map((field) => [
        field.name,
        <OwnFieldEditor key={field.name} field={field} task={task} onChange={onChange} />,
      ]),
    ),
    notes: (
      <TextField
        name="notes"
        long
        value={task.notes}
        onChange={(notes) => {
          onChange({ notes });
        }}
      />
    ),
  };
  return Object.entries(editors)
    .filter(([field]) => !filled || ALWAYS.includes(field) || isFilled(task, field))
    .map(([field, editor]) => row(field, editor));
}

function isFilled(task: Task, field: string): boolean {
  if (field === 'effort') return task.effort !== null;
  if (!isBuiltIn(field)) return task.fields[field] !== undefined;
  if (field === 'comment' || field === 'project') return false;
  const value = task[field];
  return value !== null && value.length > 0;
}

/** The project's own fields, then others that the task has. */
function useOwnFields({ project, fields }: Task): OwnField[] {
  const { data } = useQuery(projects);
  const own = data?.items.find(({ id }) => id === project?.id)?.fields ?? [];
  const others = Object.keys(fields).filter((name) => !own.some((field) => field.name === name));
  return [...own, ...others.map((name): OwnField => ({ name, kind: 'text', choices: [], decimal: null }))];
}

function builtInEditors(task: Task, onChange: Props['onChange']): Record<string, ReactNode> {
  const day = (name: 'due' | 'start' | 'deadline') => (
    <DayField
      name={name}
      value={task[name]}
      onChange={(value) => {
        onChange({ [name]: value });
      }}
    />
  );
  return {
    due: day('due'),
    start: day('start'),
    deadline: day('deadline'),
    priority: (
      <PriorityField
        value={task.priority}
        onChange={(priority) => {
          onChange({ priority });
        }}
      />
    ),
    project: (
      <ProjectField
        value={task.project}
        onChange={(project) => {
          onChange({ project });
        }}
      />
    ),
  };
}

interface OneProps {
  task: Task;
  onChange: Props['onChange'];
}

function SectionField({ task, onChange }: OneProps) {
  const { data } = useQuery(projects);
  const project = data?.items.find(({ id }) => id === task.project?.id);
  return (
    <NameField
      name="section"
      value={task.section}
      names={project?.sections ?? []}
      onChange={(section) => {
        onChange({ section });
      }}
    />
  );
}

function AssigneeField({ task, onChange }: OneProps) {
  const { data } = useQuery(register(registers.people));
  return (
    <NameField
      name="assignee"
      value={task.assignee}
      names={data?.items.map(({ body }) => body.name) ?? []}
      onChange={(assignee) => {
        onChange({ assignee });
      }}
    />
  );
}

function TagsField({ task, onChange }: OneProps) {
  const { data } = useQuery(register(registers.tags));
  return (
    <NamesField
      name="tags"
      value={task.tags}
      names={data?.items.map(({ body }) => body.name) ?? []}
      show={(tag) => <TagMark key={tag} tag={tag} known={data?.items.map(({ body }) => body) ?? []} />}
      onChange={(tags) => {
        onChange({ tags });
      }}
    />
  );
}

/** A tag in its colour, behind a small sign so that colour alone tells nothing. */
function TagMark({ tag, known }: { tag: string; known: readonly Tag[] }) {
  const colour = known.find(({ name }) => sameName(name, tag))?.colour ?? 'stone';
  return (
    <span className={css.tag} style={{ borderColor: `var(--tag-${colour})` }}>
      {tag}
    </span>
  );
}

function Reminders({ task }: { task: Task }) {
  const clock = useClock();
  return task.reminders.length === 0 ? (
    <span className={css.none}>none</span>
  ) : (
    task.reminders.map((each) => dayText(each, clock.today)).join(', ')
  );
}

function OwnFieldEditor({
  field: { name, kind, choices, decimal },
  task,
  onChange,
}: OneProps & { field: OwnField }) {
  const value = task.fields[name];
  const set = (next: Value | null) => {
    const rest = Object.fromEntries(Object.entries(task.fields).filter(([each]) => each !== name));
    onChange({ fields: next === null ? rest : { ...rest, [name]: next } });
  };
  const words = value === undefined ? '' : wordsOfValue(value);
  if (kind === 'choice' || kind === 'yes/no') {
    const names = kind === 'choice' ? choices : ['yes', 'no'];
    return (
      <NameField
        name={name}
        value={words || null}
        names={names}
        onChange={(chosen) => {
          set(kind === 'yes/no' && chosen !== null ? chosen === 'yes' : chosen);
        }}
      />
    );
  }
  if (kind === 'several choices')
    return (
      <NamesField name={name} value={Array.isArray(value) ? value : []} names={choices} onChange={set} />
    );
  if (kind === 'date' || kind === 'date and time')
    return <DayField name={name} value={words || null} onChange={set} />;
  return (
    <TextField
      name={name}
      value={words}
      onChange={(text) => {
        // Words of another kind are not taken: what stood there stays.
        const checked = checkKind(kind, text, {
          day: () => null,
          decimal,
          people: [],
          projects: [],
          choices: null,
        });
        if (text === '') set(null);
        else if (checked) set('value' in checked ? checked.value : checked.unknown);
      }}
    />
  );
}
