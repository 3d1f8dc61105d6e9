import { labelOfField, type FilterNames } from '@hatband/core/tasks';
import { Button } from 'antd';
import { Foreign } from '../shared/page/Foreign.tsx';
import { valueOf } from '../shared/task/valueOf.ts';
import { sayValue } from './filter/sayValue.ts';
import { changedFields, type Conflict } from './list/useEditTask.ts';
import css from './Tasks.module.css';

interface Props {
  conflict: Conflict;
  names: FilterNames;
  onSettle: (mine: boolean) => void;
}

/** An edit that met another, with both values; neither is lost. */
export function ConflictNote({ conflict: { change, now }, names, onSettle }: Props) {
  const [met] = changedFields(change);
  if (!met) return null;
  const [field, mine] = met;
  const theirs = valueOf(now, field);
  const say = (value: unknown) => sayValue(field, value, names) || 'nothing';
  return (
    <div className={css.conflict} role="alert">
      <span>
        Meanwhile the {labelOfField(field)} of “
        <Foreign words={now.title} />” became <b>{say(theirs)}</b>; you wrote <b>{say(mine)}</b>.
      </span>
      <Button
        size="small"
        type="primary"
        onClick={() => {
          onSettle(true);
        }}
      >
        Use {say(mine)}
      </Button>
      <Button
        size="small"
        onClick={() => {
          onSettle(false);
        }}
      >
        Leave {say(theirs)}
      </Button>
    </div>
  );
}
