import { registers, type Task, type TaskChange } from '@hatband/contract';
import {
  parseDuration,
  ownField,
  ownNameOf,
  sameName,
  sayDuration,
  Status,
  type OwnField,
  type Tag,
} from '@hatband/core/tasks';
import { useQuery } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { projects, register } from '../../api/queries.ts';
import { dayText, useClock } from '../clock.ts';
import { NameField, NamesField, PriorityField, ProjectField } from './ChoiceField.tsx';
import { DayField } from './DayField.tsx';
import css from './fields.module.css';
import { OwnFieldEditor } from './OwnFieldEditor.tsx';
import { TextField, TitleField } from './TextField.tsx';
import { None } from './None.tsx';
import { useMake } from './useMake.ts';

interface Props {
  task: Task;
  /** As filters and columns name it. */
  field: string;
  /** What is known of a field that the task's project does not have. */
  own?: (name: string) => OwnField | undefined;
  onChange: (change: TaskChange) => void;
}

/** A value of a task with the editor of its kind. */
export function TaskField({ task, field, own: elsewhere, onChange }: Props) {
  const own = useOwnFields(task);
  const name = ownNameOf(field);
  if (name !== null) {
    const known = own.find((each) => each.name === name) ??
      elsewhere?.(name) ?? {
        name,
        kind: 'text',
        choices: [],
        decimal: null,
      };
    return <OwnFieldEditor field={known} task={task} onChange={onChange} />;
  }
  return EDITORS[field]?.({ task, onChange }) ?? null;
}

type EditorProps = Omit<Props, 'field' | 'own'>;

const dayEditor = (name: 'due' | 'start' | 'deadline') =>
  function Day({ task, onChange }: EditorProps) {
    return (
      <DayField
        name={name}
        value={task[name]}
        onChange={(value) => {
          onChange({ [name]: value });
        }}
      />
    );
  };

const EDITORS: Readonly<Record<string, (props: EditorProps) => ReactNode>> = {
  title: ({ task, onChange }) => (
    <TitleField
      value={task.title}
      onChange={(title) => {
        onChange({ title });
      }}
    />
  ),
  due: dayEditor('due'),
  start: dayEditor('start'),
  deadline: dayEditor('deadline'),
  priority: ({ task, onChange }) => (
    <PriorityField
      value={task.priority}
      onChange={(priority) => {
        onChange({ priority });
      }}
    />
  ),
  project: ({ task, onChange }) => (
    <ProjectField
      value={task.project}
      onChange={(project) => {
        onChange({ project });
      }}
    />
  ),
  section: (props) => <SectionField {...props} />,
  assignee: (props) => <AssigneeField {...props} />,
  tags: (props) => <TagsField {...props} />,
  reminders: ({ task }) => <Reminders task={task} />,
  effort: (props) => <EffortField {...props} />,
  status: (props) => <StatusField {...props} />,
  notes: ({ task, onChange }) => (
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

/** The names of the project's own fields as columns have them, and of others that the task has. */
export const useOwnFieldNames = (task: Task) => useOwnFields(task).map(({ name }) => ownField(name));

/** The project's own fields, then others that the task has. */
function useOwnFields({ project, fields }: Task): OwnField[] {
  const { data } = useQuery(projects);
  const own = data?.items.find(({ id }) => id === project?.id)?.fields ?? [];
  const others = Object.keys(fields).filter((name) => !own.some((field) => field.name === name));
  return [...own, ...others.map((name): OwnField => ({ name, kind: 'text', choices: [], decimal: null }))];
}

function SectionField({ task, onChange }: EditorProps) {
  const { data } = useQuery(projects);
  const make = useMake();
  const project = data?.items.find(({ id }) => id === task.project?.id);
  return (
    <NameField
      name="section"
      value={task.section}
      names={project?.sections ?? []}
      {...(project && { onMake: (name: string) => make.section(project.id, name) })}
      onChange={(section) => {
        onChange({ section });
      }}
    />
  );
}

function AssigneeField({ task, onChange }: EditorProps) {
  const make = useMake();
  const { data } = useQuery(register(registers.people));
  return (
    <NameField
      name="assignee"
      value={task.assignee}
      names={data?.items.map(({ body }) => body.name) ?? []}
      onMake={make.person}
      onChange={(assignee) => {
        onChange({ assignee });
      }}
    />
  );
}

function TagsField({ task, onChange }: EditorProps) {
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
    <None />
  ) : (
    task.reminders.map((each) => dayText(each, clock.today)).join(', ')
  );
}

/** Words that are no length of time are not taken: what stood there stays. */
function EffortField({ task, onChange }: EditorProps) {
  return (
    <TextField
      name="effort"
      value={task.effort === null ? '' : sayDuration(task.effort)}
      onChange={(words) => {
        if (words === '') onChange({ effort: null });
        else if (parseDuration(words) !== null) onChange({ effort: words });
      }}
    />
  );
}

function StatusField({ task, onChange }: EditorProps) {
  return (
    <NameField
      name="status"
      value={task.status}
      names={Status.options}
      onChange={(chosen) => {
        const status = Status.options.find((each) => each === chosen);
        if (status) onChange({ status });
      }}
    />
  );
}
