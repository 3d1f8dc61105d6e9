import { addProject, deleteProject, saveInboxRequirements, saveProject } from '@hatband/contract';
import { OwnField, Project, type Requirement } from '@hatband/core/tasks';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { call } from '../api/call.ts';
import { projects } from '../api/queries.ts';
import { Words } from '../shared/forms/Words.tsx';
import { useAct } from '../shared/useAct.ts';
import { ErrorLine } from '../shared/page/Page.tsx';
import { EntryEditor } from './EntryEditor.tsx';
import { List } from './List.tsx';
import { ListForm } from './ListForm.tsx';
import css from './Settings.module.css';

/** Projects with their sections, fields and requirements; and what a task needs that has no project. */
export function ProjectsPart() {
  const { data } = useQuery(projects);
  const act = useAct('project');
  const shared = {
    one: 'project',
    schema: Project,
    written: Project,
    apart: ['fields', 'requirements'],
    more,
    act,
  };
  return (
    <div className={css.body}>
      <p className={css.hint}>
        A project has an intake address of its own. A new name is carried into the rules that name the old
        one.
      </p>
      {data && (
        <Inbox
          key={JSON.stringify(data.inbox)}
          saved={data.inbox}
          onSave={(requirements) => {
            act.mutate(() => call(saveInboxRequirements, { body: { requirements } }));
          }}
        />
      )}
      {data?.items.map(({ id, revision, ...project }) => (
        <EntryEditor
          key={`${id} ${String(revision)}`}
          {...shared}
          body={project}
          onSave={(body) => call(saveProject, { params: { id }, revision, body })}
          removal={{
            kind: 'projects',
            id,
            onRemove: () => call(deleteProject, { params: { id }, revision }),
          }}
        />
      ))}
      <EntryEditor
        key={`new ${String(data?.items.length ?? 0)}`}
        {...shared}
        body={null}
        onSave={(body) => call(addProject, { body })}
      />
      <ErrorLine error={act.error} />
    </div>
  );
}

/** What a form made from the schema does not show well. */
const more = (project: Project, onChange: (project: Project) => void) => (
  <>
    <ListForm
      heading="fields of its own"
      one="field"
      schema={OwnField}
      without={partsWithout}
      items={project.fields}
      onChange={(fields) => {
        onChange({ ...project, fields });
      }}
    />
    <Requirements
      of={project.name}
      requirements={project.requirements}
      onChange={(requirements) => {
        onChange({ ...project, requirements });
      }}
    />
  </>
);

const partsWithout = ({ kind }: OwnField) => [
  ...(kind === 'choice' || kind === 'several choices' ? [] : ['choices']),
  ...(kind === 'number' || kind === 'money' ? [] : ['decimal']),
];

function Inbox({ saved, onSave }: { saved: Requirement[]; onSave: (requirements: Requirement[]) => void }) {
  const [changed, setChanged] = useState<Requirement[] | null>(null);
  return (
    <section className={css.form} aria-label="Inbox">
      <b>Inbox</b>
      <Requirements of="the inbox" requirements={changed ?? saved} onChange={setChanged} />
      {changed && (
        <div className={css.buttons}>
          <Button
            type="primary"
            size="small"
            onClick={() => {
              onSave(changed.filter((each) => each.length > 0));
            }}
          >
            Save
          </Button>
        </div>
      )}
    </section>
  );
}

interface RequirementsProps {
  of: string;
  requirements: readonly Requirement[];
  onChange: (requirements: Requirement[]) => void;
}

const COMMON = ['title', 'due', 'start', 'priority', 'project', 'section', 'assignee', 'tags', 'notes'];

/** What a task has to have: of each line one field at least. */
function Requirements({ of, requirements, onChange }: RequirementsProps) {
  return (
    <List
      heading="required fields (of each line at least one)"
      one="requirement"
      items={requirements}
      fresh={() => []}
      editor={(oneOf, name, onWords) => (
        <Words name={`${name} of ${of}`} words={oneOf} options={COMMON} onChange={onWords} />
      )}
      onChange={onChange}
    />
  );
}
