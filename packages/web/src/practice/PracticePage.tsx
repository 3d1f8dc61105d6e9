import { layPractice, type PracticeLine } from '@hatband/contract';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { useParams } from 'react-router';
import { call } from '../api/call.ts';
import { practice } from '../api/queries.ts';
import { ErrorLine, Failed, Notice, PageHeader, Tabs } from '../shared/page/Page.tsx';
import { useAct } from '../shared/useAct.ts';
import { Envelope } from './Envelope.tsx';
import { LetterView } from './LetterView.tsx';
import css from './Practice.module.css';
import { WritingDesk, type Draft } from './WritingDesk.tsx';

/** The practice mailbox: made-up letters on which every way of handing work over can be tried. */
export function PracticePage() {
  const { data, error, refetch } = useQuery(practice);
  const [folder, setFolder] = useState('INBOX');
  const [draft, setDraft] = useState<Draft | null>(null);
  const { uid } = useParams();
  if (error) return <Failed error={error} retry={() => void refetch()} />;
  if (!data) return null;
  const shown = data.items.filter((each) => each.folder === folder);
  return (
    <div className={css.page}>
      <PageHeader title="Practice">
        <Tabs
          tabs={data.folders.map((name) => ({
            value: name,
            name,
            count: data.items.filter((each) => each.folder === name).length,
          }))}
          value={folder}
          onChange={setFolder}
        />
        <button
          type="button"
          className={`link ${css.write ?? ''}`}
          onClick={() => {
            setDraft({ of: null, to: '', subject: '' });
          }}
        >
          write a letter …
        </button>
      </PageHeader>
      <Rack
        letters={shown}
        isEmpty={data.items.length === 0}
        openUid={uid === undefined ? null : Number(uid)}
      />
      <div className={css.table}>
        {draft ? (
          <WritingDesk
            draft={draft}
            onClose={() => {
              setDraft(null);
            }}
          />
        ) : (
          <LetterOrWays
            uid={uid === undefined ? null : Number(uid)}
            folders={data.folders}
            onDraft={setDraft}
          />
        )}
      </div>
    </div>
  );
}

function Rack({
  letters,
  isEmpty,
  openUid,
}: {
  letters: readonly PracticeLine[];
  isEmpty: boolean;
  openUid: number | null;
}) {
  const act = useAct('practice');
  return (
    <div className={css.rack} role="navigation" aria-label="Letters">
      {letters.map((letter) => (
        <Envelope key={letter.uid} letter={letter} isOpen={letter.uid === openUid} />
      ))}
      {letters.length === 0 && !isEmpty && <p className={css.none}>No letter lies here.</p>}
      {isEmpty && (
        <Notice title="No letters yet">
          <p>A dozen made-up letters to the registrar of a small museum can be laid out here.</p>
          <Button
            type="primary"
            loading={act.isPending}
            onClick={() => {
              act.mutate(() => call(layPractice));
            }}
          >
            Lay them out
          </Button>
          <ErrorLine error={act.error} />
        </Notice>
      )}
    </div>
  );
}

function LetterOrWays({
  uid,
  folders,
  onDraft,
}: {
  uid: number | null;
  folders: readonly string[];
  onDraft: (draft: Draft) => void;
}) {
  if (uid !== null) return <LetterView key={uid} uid={uid} folders={folders} onDraft={onDraft} />;
  return (
    <div className={css.ways}>
      <h2>Hand a letter over, any way you like</h2>
      <ul>
        <li>
          <b>Put a label on it</b> that a live rule starts by, or <b>flag it</b>: nothing has to be sent.
        </li>
        <li>
          <b>Forward it with a note</b> to an intake address: what you write on top is read first.
        </li>
        <li>
          <b>Answer it with a copy</b> to an intake address: your promise becomes a task.
        </li>
        <li>
          <b>Write to yourself</b> with a plus-word of an address.
        </li>
        <li>
          <b>Show it to Hatband</b> and choose what is made of it.
        </li>
      </ul>
      <p>All letters, people and places here are made up, and nothing leaves this machine.</p>
    </div>
  );
}
