import { addProject, renewAddress, type Address } from '@hatband/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useState, type SyntheticEvent } from 'react';
import { call } from '../api/call.ts';
import { addresses, health } from '../api/queries.ts';
import { dayText, useClock } from '../shared/clock.ts';
import { ErrorLine, Failed, PageHeader } from '../shared/Page.tsx';
import css from './Intake.module.css';

/** The secret addresses that mail is sent to: copied, renewed, and new ones for new projects. */
export function IntakePage() {
  const { data, error, refetch } = useQuery(addresses);
  const { data: state } = useQuery(health);
  return (
    <div className={css.page}>
      <PageHeader title="Intake" />
      <div className={css.body}>
        <p className={css.lead}>
          Mail sent or forwarded to one of these addresses becomes a task in its project. Whoever knows an
          address can send to it: keep it to yourself, and renew it when it has become known.
        </p>
        {error && <Failed error={error} retry={() => void refetch()} />}
        <ul className={css.list}>
          {data?.items.map((address) => (
            <AddressRow key={address.id} address={address} />
          ))}
        </ul>
        <NewProjectForm />
        {state && (
          <p className={css.how}>
            Mail is received by SMTP on this machine: <code>127.0.0.1</code>, port{' '}
            <code>{state.smtpPort}</code>.
          </p>
        )}
      </div>
    </div>
  );
}

function AddressRow({ address }: { address: Address }) {
  const [asking, setAsking] = useState(false);
  const clock = useClock();
  const client = useQueryClient();
  const renew = useMutation({
    mutationFn: () => call(renewAddress, { params: { id: address.id } }),
    onSuccess: () => client.invalidateQueries({ queryKey: ['addresses'] }),
  });
  return (
    <li className={css.row}>
      <div className={css.name}>
        {address.target.name}
        <span>since {dayText(clock.dayOf(address.createdAt), clock.today)}</span>
      </div>
      <code className={css.address}>{address.address}</code>
      {asking ? (
        <div
          className={css.ask}
          role="alertdialog"
          aria-label={`Renew the address of ${address.target.name}`}
        >
          <span>A new address is made; mail to this one is refused from then on.</span>
          <Button
            autoFocus
            size="small"
            type="primary"
            danger
            loading={renew.isPending}
            onClick={() => {
              renew.mutate();
            }}
          >
            Renew it
          </Button>
          <Button
            size="small"
            onClick={() => {
              setAsking(false);
            }}
          >
            Keep it
          </Button>
        </div>
      ) : (
        <div className={css.actions}>
          <CopyButton text={address.address} />
          <Button
            size="small"
            onClick={() => {
              setAsking(true);
            }}
          >
            Renew …
          </Button>
        </div>
      )}
      <ErrorLine error={renew.error} />
    </li>
  );
}

function CopyButton({ text }: { text: string }) {
  const [state, setState] = useState<'idle' | 'copied' | 'failed'>('idle');
  const copy = () => {
    navigator.clipboard.writeText(text).then(
      () => {
        setState('copied');
      },
      () => {
        setState('failed');
      },
    );
    setTimeout(() => {
      setState('idle');
    }, 2500);
  };
  const words = { idle: 'Copy', copied: 'Copied', failed: 'Select and copy it by hand' };
  return (
    <Button size="small" type="primary" aria-live="polite" onClick={copy}>
      {words[state]}
    </Button>
  );
}

function NewProjectForm() {
  const [name, setName] = useState('');
  const client = useQueryClient();
  const add = useMutation({
    mutationFn: () => call(addProject, { body: { name } }),
    onSuccess: async () => {
      setName('');
      await Promise.all(
        ['addresses', 'projects'].map((key) => client.invalidateQueries({ queryKey: [key] })),
      );
    },
  });
  const submit = (event: SyntheticEvent) => {
    event.preventDefault();
    add.mutate();
  };
  return (
    <form className={css.form} onSubmit={submit}>
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
        <Button htmlType="submit" loading={add.isPending}>
          Add the project
        </Button>
      </div>
      <ErrorLine error={add.error} />
    </form>
  );
}
