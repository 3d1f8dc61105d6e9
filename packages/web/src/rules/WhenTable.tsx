import { CONDITION_KINDS, type Condition, type ConditionKind, type Target } from '@hatband/core/rules';
import { useQuery } from '@tanstack/react-query';
import { Select } from 'antd';
import { projects } from '../api/queries.ts';
import css from './RuleSheet.module.css';

interface Props {
  conditions: readonly Condition[];
  onChange: (conditions: Condition[]) => void;
}

const EMPTY: { [K in ConditionKind]: Extract<Condition, { kind: K }> } = {
  arrivedAt: { kind: 'arrivedAt', targets: [] },
  senderIs: { kind: 'senderIs', anyOf: [] },
  subjectContains: { kind: 'subjectContains', anyOf: [] },
};
const KINDS = Object.keys(CONDITION_KINDS) as ConditionKind[];

/** The conditions, all of which have to hold; within one, any of its values is enough. */
export function WhenTable({ conditions, onChange }: Props) {
  const replace = (at: number, condition: Condition) => {
    onChange(conditions.map((old, i) => (i === at ? condition : old)));
  };
  return (
    <>
      <h2 className={css.heading}>
        When <span>{conditions.length === 0 ? 'every message, whatever it is' : 'all of these hold'}</span>
      </h2>
      <table className={css.table}>
        <tbody>
          {conditions.map((condition, at) => (
            <tr key={at}>
              <th>{CONDITION_KINDS[condition.kind].label}</th>
              <td>
                <Values
                  condition={condition}
                  onChange={(changed) => {
                    replace(at, changed);
                  }}
                />
              </td>
              <td className={css.off}>
                <button
                  type="button"
                  aria-label={`take off: ${CONDITION_KINDS[condition.kind].label}`}
                  onClick={() => {
                    onChange(conditions.filter((_, i) => i !== at));
                  }}
                >
                  ✕
                </button>
              </td>
            </tr>
          ))}
          <tr>
            <td colSpan={3} className={css.adder}>
              <Select
                variant="borderless"
                aria-label="add a condition"
                placeholder="and …"
                popupMatchSelectWidth={false}
                value={null}
                options={KINDS.map((kind) => ({
                  value: kind,
                  label: CONDITION_KINDS[kind].label,
                  title: CONDITION_KINDS[kind].doc,
                }))}
                onSelect={(kind: ConditionKind | null) => {
                  if (kind) onChange([...conditions, EMPTY[kind]]);
                }}
              />
            </td>
          </tr>
        </tbody>
      </table>
    </>
  );
}

function Values({ condition, onChange }: { condition: Condition; onChange: (condition: Condition) => void }) {
  switch (condition.kind) {
    case 'arrivedAt':
      return (
        <Targets
          targets={condition.targets}
          onChange={(targets) => {
            onChange({ ...condition, targets });
          }}
        />
      );
    case 'senderIs':
      return (
        <Words
          name="sender"
          placeholder="name@firm.example or firm.example"
          words={condition.anyOf}
          onChange={(anyOf) => {
            onChange({ ...condition, anyOf: anyOf.map((w) => w.toLowerCase()) });
          }}
        />
      );
    case 'subjectContains':
      return (
        <Words
          name="words in the subject"
          placeholder="words; Enter after each"
          words={condition.anyOf}
          onChange={(anyOf) => {
            onChange({ ...condition, anyOf });
          }}
        />
      );
  }
}

/** Several words or phrases; each ends with Enter, a comma or leaving the field. */
export function Words({
  name,
  placeholder,
  words,
  onChange,
}: {
  name: string;
  placeholder: string;
  words: string[];
  onChange: (words: string[]) => void;
}) {
  return (
    <Select
      mode="tags"
      className={css.wide ?? ''}
      variant="borderless"
      aria-label={name}
      placeholder={placeholder}
      open={false}
      suffix={<span />}
      tokenSeparators={[',']}
      value={words}
      status={words.length === 0 ? 'error' : ''}
      onChange={(changed: string[]) => {
        onChange(changed.map((word) => word.trim()).filter((word) => word !== ''));
      }}
    />
  );
}

const INBOX = 'inbox';

function Targets({ targets, onChange }: { targets: Target[]; onChange: (targets: Target[]) => void }) {
  const { data } = useQuery(projects);
  const options = [
    { value: INBOX, label: 'the inbox' },
    ...(data?.items ?? []).map(({ id, name }) => ({ value: id, label: name })),
  ];
  return (
    <Select
      mode="multiple"
      className={css.wide ?? ''}
      variant="borderless"
      aria-label="addresses"
      placeholder="choose an address"
      value={targets.map((target) => (target.kind === 'inbox' ? INBOX : target.id))}
      status={targets.length === 0 ? 'error' : ''}
      options={options}
      onChange={(ids: string[]) => {
        onChange(ids.map((id) => (id === INBOX ? { kind: 'inbox' } : { kind: 'project', id })));
      }}
    />
  );
}
