import type { Address, StoredMailbox } from '@hatband/contract';
import { useQuery } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { Link, useParams } from 'react-router';
import { addresses, health, mailboxes } from '../api/queries.ts';
import { Failed, Notice, PageHeader } from '../shared/page/Page.tsx';
import { AddressSheet } from './AddressSheet.tsx';
import css from './Intake.module.css';
import { MailboxSheet } from './MailboxSheet.tsx';
import { NewProjectForm } from './NewProjectForm.tsx';
import { sayState } from './sayState.ts';
import { sayTurnedAway } from './TurnedAway.tsx';

/** Every way mail comes in: the secret addresses and the watched mailboxes, one opened beside the list. */
export function IntakePage() {
  const { data: ways, error, refetch } = useQuery(addresses);
  const { data: boxes } = useQuery(mailboxes);
  const { kind, id } = useParams();
  const address = ways?.items.find((each) => kind === 'address' && String(each.id) === id);
  const mailbox = boxes?.items.find((each) => kind === 'mailbox' && String(each.id) === id);
  const isNew = kind === 'mailbox' && id === 'new';
  return (
    <div className={css.page}>
      <PageHeader title="Intake" />
      <div className={css.list}>
        {error && <Failed error={error} retry={() => void refetch()} />}
        <h2>Addresses</h2>
        <ul>
          {ways?.items.map((each) => (
            <AddressLine key={each.id} address={each} isOpen={each === address} />
          ))}
        </ul>
        <NewProjectForm />
        <h2>Mailboxes</h2>
        <Mailboxes boxes={boxes?.items ?? []} open={mailbox} isNew={isNew} />
        <HowItComes />
      </div>
      <div className={css.sheetColumn}>
        {address && ways ? (
          <AddressSheet key={keyOf(address)} address={address} own={ways.own} />
        ) : mailbox ? (
          <MailboxSheet key={keyOf(mailbox)} mailbox={mailbox} />
        ) : isNew ? (
          <MailboxSheet mailbox={null} />
        ) : (
          <Notice title="Choose a way in">
            Mail sent or forwarded to an address becomes a task in its project. In a watched mailbox a label,
            the flag or a folder does the same, so that you need not forward at all.
          </Notice>
        )}
      </div>
    </div>
  );
}

/** What was being written goes where the way in was changed elsewhere. */
const keyOf = ({ id, revision }: { id: number; revision: number }) => `${String(id)} ${String(revision)}`;

interface MailboxesProps {
  boxes: readonly StoredMailbox[];
  open: StoredMailbox | undefined;
  /** Another one is being written. */
  isNew: boolean;
}

function Mailboxes({ boxes, open, isNew }: MailboxesProps) {
  return (
    <ul>
      {boxes.map((each) => (
        <MailboxLine key={each.id} mailbox={each} isOpen={each === open} />
      ))}
      <li>
        <Link to="/intake/mailbox/new" aria-current={isNew ? 'true' : undefined}>
          another mailbox …
        </Link>
      </li>
    </ul>
  );
}

function Line({
  to,
  isOpen,
  name,
  children,
}: {
  to: string;
  isOpen: boolean;
  name: string;
  children: ReactNode;
}) {
  return (
    <li>
      <Link to={to} aria-current={isOpen ? 'true' : undefined}>
        <b>{name}</b>
        <span>{children}</span>
      </Link>
    </li>
  );
}

function AddressLine({ address, isOpen }: { address: Address; isOpen: boolean }) {
  const words = [
    ...(address.paused ? ['paused'] : []),
    ...(address.plusWord === null ? [] : [`+${address.plusWord}`]),
    ...sayTurnedAway(address.turnedAway),
    ...(address.old.length === 0 ? [] : ['an old one still taken']),
  ];
  return (
    <Line to={`/intake/address/${String(address.id)}`} isOpen={isOpen} name={address.target.name}>
      {words.length > 0 ? words.join(', ') : `${address.address.slice(0, 16)}…`}
    </Line>
  );
}

function MailboxLine({ mailbox, isOpen }: { mailbox: StoredMailbox; isOpen: boolean }) {
  return (
    <Line to={`/intake/mailbox/${String(mailbox.id)}`} isOpen={isOpen} name={mailbox.settings.name}>
      {[sayState(mailbox.state), ...sayTurnedAway(mailbox.turnedAway)].join(', ')}
    </Line>
  );
}

function HowItComes() {
  const { data: state } = useQuery(health);
  return (
    state && (
      <p className={css.how}>
        Mail is received by SMTP at <code>{state.smtpHost}</code>, port <code>{state.smtpPort}</code>. Files
        of messages are dropped on the <Link to="/ledger">Ledger</Link>.
      </p>
    )
  );
}
