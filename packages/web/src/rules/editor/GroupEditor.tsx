import {
  CONDITION_KINDS,
  isGroup,
  sayCondition,
  type Condition,
  type ConditionKind,
  type Group,
  type LeafCondition,
} from '@hatband/core/rules';
import { groupOf, openGroup } from '@hatband/core/tasks';
import { hintOf, newCondition, problemsAt, suggestFor, useEditing, withMembers } from './editing.ts';
import { Choose } from '../../shared/forms/Choose.tsx';
import { KindForm } from '../../shared/forms/KindForm.tsx';
import { useRows } from '../../shared/forms/useRows.ts';
import { AddKind } from './AddKind.tsx';
import { Row, TakeOff } from './Row.tsx';
import css from './RuleSheet.module.css';

const HOWS = [
  { value: 'all' as const, label: 'all of these' },
  { value: 'any' as const, label: 'any of these' },
  { value: 'none' as const, label: 'none of these' },
];

interface Props {
  group: Group;
  path: string;
  /** Names the controls, “When”. */
  of: string;
  /** In the route a value that was read can be asked. */
  inRoute?: boolean;
  onChange: (group: Group) => void;
  onRemove?: () => void;
}

/** Conditions of which all, any or none hold; groups nest. */
export function GroupEditor({ group, path, of, inRoute = false, onChange, onRemove }: Props) {
  const { setOpen } = useEditing();
  const { how, of: members } = openGroup(group);
  const rows = useRows(members, (changed) => {
    onChange(withMembers(group, changed));
  });
  const add = (member: Condition) => {
    rows.insert(member);
    setOpen(`${path}.${how}.${String(members.length)}`);
  };
  return (
    <div className={css.group} role="group" aria-label={of}>
      <div className={css.groupHead}>
        <Choose
          size="small"
          variant="borderless"
          aria-label={`how: ${of}`}
          value={how}
          options={HOWS}
          onChange={(chosen) => {
            onChange(groupOf(chosen, members));
          }}
        />
        {onRemove && (
          <span className={css.off}>
            <TakeOff of={of} onClick={onRemove} />
          </span>
        )}
      </div>
      {rows.entries.map(({ key, value, change, remove }, i) => (
        <Member
          key={key}
          member={value}
          path={`${path}.${how}.${String(i)}`}
          of={`${of}, ${String(i + 1)}`}
          inRoute={inRoute}
          onChange={change}
          onRemove={remove}
        />
      ))}
      <AddCondition of={of} inRoute={inRoute} onAdd={add} />
    </div>
  );
}

interface MemberProps {
  member: Condition;
  path: string;
  of: string;
  inRoute: boolean;
  onChange: (member: Condition) => void;
  onRemove: () => void;
}

function Member({ member, path, of, inRoute, onChange, onRemove }: MemberProps) {
  if (isGroup(member))
    return (
      <GroupEditor
        group={member}
        path={path}
        of={of}
        inRoute={inRoute}
        onChange={onChange}
        onRemove={onRemove}
      />
    );
  return <Leaf condition={member} path={path} onChange={onChange} onRemove={onRemove} />;
}

interface LeafProps {
  condition: LeafCondition;
  path: string;
  onChange: (condition: LeafCondition) => void;
  onRemove: () => void;
}

function Leaf({ condition, path, onChange, onRemove }: LeafProps) {
  const editing = useEditing();
  const { label, doc, schema } = CONDITION_KINDS[condition.kind];
  const isWritten = problemsAt(editing.problems, path).length === 0;
  return (
    <Row
      path={path}
      name={label}
      words={isWritten ? capital(sayCondition(condition)) : `${label} …`}
      actions={<TakeOff of={label} onClick={onRemove} />}
    >
      <p className={css.doc}>{hintOf(doc)}</p>
      <KindForm
        schema={schema}
        value={condition}
        of={label}
        suggest={suggestFor(condition.kind, editing)}
        onChange={onChange}
      />
    </Row>
  );
}

const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);

const GROUP = {
  value: 'group' as const,
  label: 'a group of conditions',
  doc: 'All, any or none of some conditions.',
};
const KINDS = (Object.keys(CONDITION_KINDS) as ConditionKind[])
  .map((value) => ({ value, label: CONDITION_KINDS[value].label, doc: CONDITION_KINDS[value].doc }))
  .toSorted((a, b) => a.label.localeCompare(b.label));
const OF_MESSAGE = KINDS.filter(({ value }) => value !== 'value');

interface AddProps {
  of: string;
  inRoute: boolean;
  onAdd: (member: Condition) => void;
}

function AddCondition({ of, inRoute, onAdd }: AddProps) {
  return (
    <AddKind<ConditionKind | 'group'>
      name={`add a condition to ${of}`}
      words="and …"
      kinds={[...(inRoute ? KINDS : OF_MESSAGE), GROUP]}
      onAdd={(kind) => {
        onAdd(kind === 'group' ? { any: [] } : newCondition(kind));
      }}
    />
  );
}
