import { markPractice, type PracticeMessage } from '@hatband/contract';
import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { Link } from 'react-router';
import { Foreign } from '../shared/page/Foreign.tsx';
import { call } from '../api/call.ts';
import { practiceMessage } from '../api/queries.ts';
import { dayText, useClock } from '../shared/clock.ts';
import { ErrorLine } from '../shared/page/Page.tsx';
import { useAct } from '../shared/useAct.ts';
import { LetterActions } from './LetterActions.tsx';
import css from './Practice.module.css';
import type { Draft } from './WritingDesk.tsx';

interface Props {
  uid: number;
  folders: readonly string[];
  onDraft: (draft: Draft) => void;
}

/** One letter, and all that can be done with it. */
export function LetterView({ uid, folders, onDraft }: Props) {
  const { data: letter } = useQuery(practiceMessage(uid));
  const act = useAct('practice');
  const { mutate } = act;
  const isUnread = letter?.seen === false;
  useEffect(() => {
    if (isUnread) mutate(() => call(markPractice, { params: { id: uid }, body: { seen: true } }));
  }, [isUnread, mutate, uid]);
  if (!letter) return null;
  return (
    <article className={css.letter} aria-label="Letter">
      <LetterActions letter={letter} folders={folders} act={act} onDraft={onDraft} />
      <ErrorLine error={act.error} />
      <Came letter={letter} />
      <LetterText letter={letter} />
    </article>
  );
}

function LetterText({ letter }: { letter: PracticeMessage }) {
  const clock = useClock();
  return (
    <div className={css.paper}>
      <h2>
        <Foreign words={letter.subject || '(no subject)'} />
      </h2>
      <p className={css.by}>
        <Foreign words={letter.from} />
        {letter.from !== letter.fromAddress && ` (${letter.fromAddress})`}, to {letter.to.join(', ')},{' '}
        {dayText(clock.dayOf(letter.cameAt), clock.today)} {clock.time(letter.cameAt)}
      </p>
      <p className={css.text}>
        <Foreign words={letter.text} />
      </p>
      {letter.attachments.length > 0 && <p className={css.by}>With it: {letter.attachments.join(', ')}</p>}
    </div>
  );
}

/** What became of it, with the way to it in the Ledger. */
function Came({ letter }: { letter: PracticeMessage }) {
  if (letter.arrivals.length === 0) return null;
  return (
    <p className={css.came} role="status">
      In the Ledger:{' '}
      {letter.arrivals.map(({ id, words }, i) => (
        <span key={id}>
          {i > 0 && ', '}
          <Link to={`/ledger/${String(id)}`}>{words}</Link>
        </span>
      ))}
    </p>
  );
}
