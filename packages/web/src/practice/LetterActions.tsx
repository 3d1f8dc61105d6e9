import { markPractice, showPractice, type PracticeMessage } from '@hatband/contract';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { Link, useNavigate } from 'react-router';
import { call } from '../api/call.ts';
import { rules } from '../rules/queries.ts';
import { Choose } from '../shared/forms/Choose.tsx';
import { Words } from '../shared/forms/Words.tsx';
import type { useAct } from '../shared/useAct.ts';
import css from './Practice.module.css';
import type { Draft } from './WritingDesk.tsx';

interface Props {
  letter: PracticeMessage;
  folders: readonly string[];
  act: ReturnType<typeof useAct>;
  onDraft: (draft: Draft) => void;
}

/** What a mail program can do with a letter. */
export function LetterActions({ letter, folders, act, onDraft }: Props) {
  const navigate = useNavigate();
  const params = { id: letter.uid };
  const show = async () => {
    const { arrivalId } = await call(showPractice, { params });
    void navigate(`/ledger/${String(arrivalId)}`);
  };
  // prettier-ignore
  const buttons: [string, () => void][] = [
    ['Forward it with a note', () => { onDraft(draftOf(letter, 'forward')); }],
    ['Answer it', () => { onDraft(draftOf(letter, 'reply')); }],
    ['Show it to Hatband', () => { act.mutate(show); }],
  ];
  return (
    <div className={css.handling}>
      <Labels letter={letter} act={act} />
      <Button
        size="small"
        aria-pressed={letter.flagged}
        onClick={() => {
          act.mutate(() => call(markPractice, { params, body: { flagged: !letter.flagged } }));
        }}
      >
        {letter.flagged ? 'Remove the flag' : 'Flag it'}
      </Button>
      {buttons.map(([words, onClick]) => (
        <Button key={words} size="small" onClick={onClick}>
          {words}
        </Button>
      ))}
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

const draftOf = (letter: PracticeMessage, how: 'reply' | 'forward'): Draft => ({
  of: { uid: letter.uid, how },
  to: how === 'reply' ? letter.fromAddress : '',
  subject: `${how === 'reply' ? 'Re' : 'Fwd'}: ${letter.subject}`,
});

/** Its labels; those by which rules start are offered. */
function Labels({ letter, act }: Pick<Props, 'letter' | 'act'>) {
  const { data } = useQuery(rules);
  const starting = (data?.items ?? []).flatMap(({ state, live }) =>
    state === 'live' && live?.start.kind === 'label' ? live.start.is : [],
  );
  return (
    <div className={css.labels}>
      <span>labels</span>
      {data && (
        <Words
          name="labels"
          words={letter.labels}
          options={[...new Set(starting)]}
          onChange={(labels) => {
            act.mutate(() => call(markPractice, { params: { id: letter.uid }, body: { labels } }));
          }}
        />
      )}
      {data && starting.length === 0 && (
        <span>
          No live rule starts by a label yet: <Link to="/rules">write one</Link>.
        </span>
      )}
    </div>
  );
}
