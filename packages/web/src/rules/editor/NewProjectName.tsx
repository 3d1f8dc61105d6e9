import { Button, Input } from 'antd';
import { useState } from 'react';
import { ErrorLine } from '../../shared/page/Page.tsx';
import { useMake } from './MakeMissing.tsx';
import css from './RuleSheet.module.css';

interface Props {
  onMade: (name: string) => void;
  onCancel: () => void;
}

/** A project that a rule needs and that is not there yet: its name, and it is made. */
export function NewProjectName({ onMade, onCancel }: Props) {
  const [name, setName] = useState('');
  const { make, error, isPending } = useMake();
  const wanted = name.trim();
  const submit = () => {
    if (wanted !== '')
      make({ what: 'project', name: wanted }, () => {
        onMade(wanted);
      });
  };
  return (
    <span className={css.newName}>
      <Input
        autoFocus
        size="small"
        aria-label="name of the new project"
        placeholder="its name"
        maxLength={80}
        value={name}
        onChange={(e) => {
          setName(e.target.value);
        }}
        onPressEnter={submit}
      />
      <Button size="small" type="primary" disabled={wanted === ''} loading={isPending} onClick={submit}>
        Add it
      </Button>
      <Button size="small" onClick={onCancel}>
        Cancel
      </Button>
      <ErrorLine error={error} />
    </span>
  );
}
