import { addProject } from '@hatband/contract';
import { Button, Input } from 'antd';
import { useState, type SyntheticEvent } from 'react';
import { call } from '../api/call.ts';
import { ErrorLine } from '../shared/page/Page.tsx';
import { useAct } from '../shared/useAct.ts';
import css from './Intake.module.css';

export function NewProjectForm() {
  const [name, setName] = useState('');
  const act = useAct('project');
  const submit = (event: SyntheticEvent) => {
    event.preventDefault();
    act.mutate(() => call(addProject, { body: { name } }), {
      onSuccess: () => {
        setName('');
      },
    });
  };
  return (
    <form className={css.newProject} onSubmit={submit}>
      <label htmlFor="project">A new project, with an address of its own</label>
      <div>
        <Input
          id="project"
          value={name}
          placeholder="its name"
          onChange={(e) => {
            setName(e.target.value);
          }}
        />
        <Button htmlType="submit" loading={act.isPending}>
          Add the project
        </Button>
      </div>
      <ErrorLine error={act.error} />
    </form>
  );
}
