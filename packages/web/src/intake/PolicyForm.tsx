import {
  FAILURES,
  parseSenders,
  remediesFor,
  type Failure,
  type Policy,
  type Remedy,
} from '@hatband/core/intake';
import { InputNumber, Select } from 'antd';
import { Choose } from '../shared/forms/Choose.tsx';
import { Field } from '../shared/forms/Field.tsx';
import css from './Intake.module.css';

interface Props {
  policy: Policy;
  isProject: boolean;
  onChange: (policy: Policy) => void;
}

/** Who may send, how much, and what becomes of what is not taken. */
export function PolicyForm({ policy, isProject, onChange }: Props) {
  const set = (part: Partial<Policy>) => {
    onChange({ ...policy, ...part });
  };
  return (
    <>
      <section>
        <h3>Who may send</h3>
        <Senders policy={policy} set={set} />
      </section>
      <section>
        <h3>How much</h3>
        <Limits policy={policy} set={set} />
      </section>
      <section>
        <h3>When something is wrong</h3>
        {FAILURES.map((failure) => (
          <Field key={failure} name={NAMES[failure]}>
            <Choose
              aria-label={failure}
              value={policy.failures[failure]}
              options={remediesFor(failure).map((remedy) => ({
                value: remedy,
                label: sayRemedy(remedy, failure),
              }))}
              onChange={(remedy) => {
                set({ failures: { ...policy.failures, [failure]: remedy } });
              }}
            />
          </Field>
        ))}
        {Object.values(policy.failures).includes('report') && (
          <Field name="The task that tells of it is">
            <Choose
              aria-label="where failures are reported"
              value={policy.reportTo}
              options={[
                { value: 'inbox', label: 'in no project' },
                ...(isProject ? [{ value: 'its project' as const, label: 'in this project' }] : []),
              ]}
              onChange={(reportTo) => {
                set({ reportTo });
              }}
            />
          </Field>
        )}
      </section>
    </>
  );
}

const NAMES: Record<Failure, string> = {
  'unwelcome sender': 'Its sender may not send',
  'over a limit': 'It is over a limit',
  unreadable: 'It cannot be read',
  'rule failed': 'A rule fails on it',
};

function sayRemedy(remedy: Remedy, failure: Failure): string {
  switch (remedy) {
    case 'hold':
      return 'hold it in the Ledger';
    case 'report':
      return 'hold it, and make a task that tells of it';
    case 'refuse':
      return 'refuse it: its sender is told';
    case 'drop':
      return failure === 'rule failed' ? 'make nothing of it' : 'drop it without a word';
    case 'try again':
      return failure === 'over a limit' ? 'ask its sender to try again' : 'try again in an hour, and later';
  }
}

interface PartProps {
  policy: Policy;
  set: (part: Partial<Policy>) => void;
}

function Senders({ policy: { senders, blocked }, set }: PartProps) {
  const choose = (kind: Policy['senders']['kind']) => {
    set({ senders: kind === 'these' ? { kind, who: ['me'] } : { kind } });
  };
  return (
    <>
      <Field name="Accept mail from">
        <Choose
          aria-label="who may send"
          value={senders.kind}
          options={[
            { value: 'anyone', label: 'anyone who knows the address' },
            { value: 'me', label: 'me only' },
            { value: 'these', label: 'only these' },
          ]}
          onChange={choose}
        />
      </Field>
      {senders.kind === 'these' && (
        <Who
          name="senders that are taken"
          who={senders.who}
          onChange={(who) => {
            set({ senders: { kind: 'these', who } });
          }}
        />
      )}
      {blocked.length > 0 && (
        <Field name="Blocked" wide>
          <Who
            name="blocked senders"
            who={blocked}
            onChange={(who) => {
              set({ blocked: who });
            }}
          />
        </Field>
      )}
      <p className={css.hint}>
        Whose name a message bears can be forged. What keeps others out is that they do not know the address.
      </p>
    </>
  );
}

/** Addresses, domains, people and groups; lists are understood as they are pasted. */
function Who({ name, who, onChange }: { name: string; who: string[]; onChange: (who: string[]) => void }) {
  return (
    <Select
      mode="tags"
      className={css.who ?? ''}
      aria-label={name}
      open={false}
      suffix={<span />}
      placeholder="addresses, domains, people or groups; paste a list"
      tokenSeparators={['\n', ',', ';']}
      value={who}
      onChange={(changed: string[]) => {
        onChange(parseSenders(changed.join('\n')));
      }}
    />
  );
}

function Limits({ policy: { attachments, perDay, largest }, set }: PartProps) {
  return (
    <>
      <Field name="Messages a day">
        <InputNumber
          aria-label="messages a day"
          min={1}
          placeholder="no limit"
          value={perDay}
          onChange={(n) => {
            set({ perDay: n });
          }}
        />
      </Field>
      <Field name="The largest, in MB">
        <InputNumber
          aria-label="the largest message, in MB"
          min={0.1}
          max={25}
          placeholder="25"
          value={largest}
          onChange={(n) => {
            set({ largest: n });
          }}
        />
      </Field>
      <Field name="Attachments are">
        <Choose
          aria-label="attachments"
          value={attachments}
          options={[
            { value: 'keep', label: 'kept' },
            { value: 'drop', label: 'dropped' },
          ]}
          onChange={(kept) => {
            set({ attachments: kept });
          }}
        />
      </Field>
    </>
  );
}
