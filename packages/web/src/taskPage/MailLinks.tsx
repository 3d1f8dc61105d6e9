import { rawPath, type ArrivalSheet } from '@hatband/contract';
import { useState } from 'react';
import { Link } from 'react-router';
import { LinkButton } from '../shared/page/LinkButton.tsx';
import { midUrl } from './answerUrl.ts';
import css from './TaskPage.module.css';

interface Props {
  sheet: ArrivalSheet;
  /** Makes a task of words that are selected in the mail. */
  onSplit: (title: string) => void;
}

/** The ways from the mail back to the original, and a task out of a part of it. */
export function MailLinks({ sheet: { arrival, address, read }, onSplit }: Props) {
  const [isAsked, setAsked] = useState(false);
  const messageId = read?.message.messageId ?? null;
  const isInMailbox = arrival.source === 'mailbox' || arrival.source === 'practice';
  const split = () => {
    const words = (window.getSelection()?.toString() ?? '').replace(/\s+/g, ' ').trim().slice(0, 500);
    setAsked(words === '');
    if (words !== '') onSplit(words);
  };
  return (
    <div className={css.mailLinks}>
      {isInMailbox && (
        <span>
          in the folder {address.address} of {address.name}
        </span>
      )}
      <Link to={`/ledger/${String(arrival.id)}`}>in the Ledger</Link>
      {messageId && <a href={midUrl(messageId)}>in your mail program</a>}
      <a href={rawPath.replace(':id', String(arrival.id))}>as a file (.eml)</a>
      <LinkButton
        onMouseDown={(event) => {
          // The selection would be gone.
          event.preventDefault();
        }}
        onClick={split}
      >
        make a task of selected words
      </LinkButton>
      {isAsked && <span role="status">Select some words of the mail first.</span>}
    </div>
  );
}
