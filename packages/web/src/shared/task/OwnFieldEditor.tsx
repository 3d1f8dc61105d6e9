import type { Task, TaskChange } from '@hatband/contract';
import { checkKind, wordsOfValue, type OwnField, type Value } from '@hatband/core/tasks';
import { NameField, NamesField } from './ChoiceField.tsx';
import { DayField } from './DayField.tsx';
import { TextField } from './TextField.tsx';
import { useMake } from './useMake.ts';

/** A value of a project's own field, by the kind of the field. */
export function OwnFieldEditor({
  field,
  task,
  onChange,
}: {
  field: OwnField;
  task: Task;
  onChange: (change: TaskChange) => void;
}) {
  const { name, kind, choices, decimal } = field;
  const make = useMake();
  const value = task.fields[name];
  const set = (next: Value | null) => {
    onChange({ fields: { [name]: next } });
  };
  const words = value === undefined ? '' : wordsOfValue(value);
  if (kind === 'choice' || kind === 'yes/no') {
    const names = kind === 'choice' ? choices : ['yes', 'no'];
    return (
      <NameField
        name={name}
        value={words || null}
        names={names}
        {...(kind === 'choice' &&
          task.project && {
            onMake: (choice: string) => make.choice(task.project?.id, field, choice),
          })}
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
