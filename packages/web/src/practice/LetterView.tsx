import { markPractice, showPractice, type PracticeMessage } from '@hatband/contract';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useEffect } from 'react';
import { Link, useNavigate } from 'react-router';
import { Foreign } from '../shared/page/Foreign.tsx';
import { Choose } from '../shared/forms/Choose.tsx';
import { call } from '../api/call.ts';
import { practiceMessage } from '../api/queries.ts';
import { rules } from '../rules/queries.ts';
import { dayText, useClock } from '../shared/clock.ts';
import { Words } from '../shared/forms/Words.tsx';
import { ErrorLine } from '../shared/page/Page.tsx';
import { useAct } from '../shared/useAct.ts';
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
      <Handling letter={letter} folders={folders} act={act} onDraft={onDraft} />
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

function Handling({
  letter,
  folders,
  act,
  onDraft,
}: {
  letter: PracticeMessage;
  folders: readonly string[];
  act: ReturnType<typeof useAct>;
  onDraft: (draft: Draft) => void;
}) {
  const { data } = useQuery(rules);
  const navigate = useNavigate();
  const params = { id: letter.uid };
  const mark = (body: { flagged?: boolean; labels?: string[] }) => {
    act.mutate(() => call(markPractice, { params, body }));
  };
  const starting = (data?.items ?? []).flatMap(({ state, live }) =>
    state === 'live' && live?.start.kind === 'label' ? live.start.is : [],
  );
  const draft = (how: 'reply' | 'forward'): Draft => ({
    of: { uid: letter.uid, how },
    to: how === 'reply' ? letter.fromAddress : '',
    subject: `${how === 'reply' ? 'Re' : 'Fwd'}: ${letter.subject}`,
  });
  return (
    <div className={css.handling}>
      <div className={css.labels}>
        <span>labels</span>
        {data && (
          <Words
            name="labels"
            words={letter.labels}
            options={[...new Set(starting)]}
            onChange={(labels) => {
              mark({ labels });
            }}
          />
        )}
        {data && starting.length === 0 && (
          <span>
            No live rule starts by a label yet: <Link to="/rules">write one</Link>.
          </span>
        )}
      </div>
      <Button
        size="small"
        aria-pressed={letter.flagged}
        onClick={() => {
          mark({ flagged: !letter.flagged });
        }}
      >
        {letter.flagged ? 'Remove the flag' : 'Flag it'}
      </Button>
      <Button
        size="small"
        onClick={() => {
          onDraft(draft('forward'));
        }}
      >
        Forward it with a note
      </Button>
      <Button
        size="small"
        onClick={() => {
          onDraft(draft('reply'));
        }}
      >
        Answer it
      </Button>
      <Button
        size="small"
        onClick={() => {
          act.mutate(async () => {
            const { arrivalId } = await call(showPractice, { params });
            void navigate(`/ledger/${String(arrivalId)}`);
          });
        }}
      >
        Show it to Hatband
      </Button>
      <Choose
        size="small"
        aria-label="where it lies"
        value={letter.folder}
        options={folders.map((value) => ({
          value,
          label: value === letter.folder ? `lies in ${value}` : `move it to ${value}`,
        }))}
        onChange={(folder) => {
          act.mutate(async () => {
            const { uid } = await call(markPractice, { params, body: { folder } });
            void navigate(`/practice/${String(uid)}`);
          });
        }}
      />
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
