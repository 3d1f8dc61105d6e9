import { pauseAddress, saveAddress, vcardPath, type Address } from '@hatband/contract';
import type { Policy } from '@hatband/core/intake';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { call } from '../api/call.ts';
import { CopyButton } from '../shared/page/CopyButton.tsx';
import { dayText, useClock } from '../shared/clock.ts';
import { ErrorLine } from '../shared/page/Page.tsx';
import { useAct } from '../shared/useAct.ts';
import css from './Intake.module.css';
import { PolicyForm } from './PolicyForm.tsx';
import { RenewForm } from './RenewForm.tsx';
import { RulesThatApply } from './RulesThatApply.tsx';
import { TokenPart } from './TokenPart.tsx';
import { TurnedAway } from './TurnedAway.tsx';

interface Props {
  address: Address;
  /** The user's own addresses that watched mailboxes fetch. */
  own: readonly string[];
}

/** One intake address: how it is reached, who may send to it, and what becomes of what it does not take. */
export function AddressSheet({ address, own }: Props) {
  return (
    <article className={css.sheet} aria-label={`The address of ${address.target.name}`}>
      <AddressHead address={address} />
      <Treatment address={address} own={own} />
      <TurnedAway items={address.turnedAway} />
      <section>
        <h3>Rules</h3>
        <RulesThatApply name={address.target.name} address={address.address} />
      </section>
      <TokenPart address={address} />
    </article>
  );
}

function AddressHead({ address }: { address: Address }) {
  const [renewing, setRenewing] = useState(false);
  const act = useAct('address');
  const clock = useClock();
  const { id, paused } = address;
  return (
    <header className={css.head}>
      <h2>{address.target.name}</h2>
      <p>
        since {dayText(clock.dayOf(address.createdAt), clock.today)}
        {paused && <b>, paused: its mail is asked to come later</b>}
      </p>
      <code className={css.address}>{address.address}</code>
      {address.old.map((old) => (
        <p key={old.address}>
          Until {dayText(clock.dayOf(old.until), clock.today)} mail to the old <code>{old.address}</code> is
          taken too, and says so.
        </p>
      ))}
      <div className={css.actions}>
        <CopyButton text={address.address} />
        <a className="link" href={vcardPath.replace(':id', String(id))} download>
          Save it as a contact
        </a>
        <Button
          size="small"
          onClick={() => {
            act.mutate(() => call(pauseAddress, { params: { id }, body: { paused: !paused } }));
          }}
        >
          {paused ? 'Go on' : 'Pause'}
        </Button>
        <Button
          size="small"
          onClick={() => {
            setRenewing(true);
          }}
        >
          Renew …
        </Button>
      </div>
      {renewing && (
        <RenewForm
          address={address}
          onClose={() => {
            setRenewing(false);
          }}
        />
      )}
      <ErrorLine error={act.error} />
    </header>
  );
}

function Treatment({ address, own }: Props) {
  const [policy, setPolicy] = useState<Policy>(address.policy);
  const [word, setWord] = useState(address.plusWord ?? '');
  const act = useAct('address');
  const isChanged =
    JSON.stringify(policy) !== JSON.stringify(address.policy) || word.trim() !== (address.plusWord ?? '');
  const save = () => {
    const body = { policy, plusWord: word.trim() === '' ? null : word.trim() };
    act.mutate(() => call(saveAddress, { params: { id: address.id }, revision: address.revision, body }));
  };
  return (
    <>
      <section>
        <h3>From your own mailbox</h3>
        <PlusWord own={own} word={word} onChange={setWord} />
      </section>
      <PolicyForm policy={policy} isProject={address.target.kind === 'project'} onChange={setPolicy} />
      <div className={css.save}>
        <Button type="primary" disabled={!isChanged} loading={act.isPending} onClick={save}>
          Save
        </Button>
        {isChanged && (
          <Button
            onClick={() => {
              setPolicy(address.policy);
              setWord(address.plusWord ?? '');
            }}
          >
            Undo
          </Button>
        )}
        <ErrorLine error={act.error} />
      </div>
    </>
  );
}

function PlusWord({
  own,
  word,
  onChange,
}: {
  own: readonly string[];
  word: string;
  onChange: (word: string) => void;
}) {
  const [local, at] = (own[0] ?? 'you@your-mail.example').split('@');
  return (
    <>
      <div className={css.plusWord}>
        <code>{local}+</code>
        <Input
          aria-label="plus-word"
          value={word}
          placeholder="a word"
          onChange={(e) => {
            onChange(e.target.value);
          }}
        />
        <code>@{at}</code>
      </div>
      <p className={css.hint}>
        {own.length === 0
          ? 'Once a mailbox of yours is watched for plus-words, mail to your own address with this word comes in here, from any device and without a server.'
          : 'Mail to your own address with this word comes in here, from any device. A word can be guessed: let only yourself send.'}
      </p>
    </>
  );
}
