import { sendPractice, type Letter } from '@hatband/contract';
import { useQuery } from '@tanstack/react-query';
import { AutoComplete, Button, Input } from 'antd';
import { useState, type SyntheticEvent } from 'react';
import type { z } from 'zod';
import { call } from '../api/call.ts';
import { addresses, practice } from '../api/queries.ts';
import { ErrorLine } from '../shared/page/Page.tsx';
import { useAct } from '../shared/useAct.ts';
import css from './Practice.module.css';

type LetterBody = z.infer<typeof Letter>;

/** A letter that is begun: `of`, what it answers or passes on. */
export type Draft = Pick<LetterBody, 'of' | 'to' | 'subject'>;

interface Answer {
  to: string;
  ok: boolean;
  words: string;
}

/** Where a letter is written and sent; what the post says of each recipient stands below. */
export function WritingDesk({ draft, onClose }: { draft: Draft; onClose: () => void }) {
  const [letter, setLetter] = useState<LetterBody>({ ...draft, copy: '', text: '' });
  const [answers, setAnswers] = useState<Answer[] | null>(null);
  const act = useAct('practice', 'arrival');
  const send = (event: SyntheticEvent) => {
    event.preventDefault();
    act.mutate(async () => {
      setAnswers((await call(sendPractice, { body: letter })).delivered);
    });
  };
  if (answers) return <PostSays answers={answers} onClose={onClose} />;
  const set = (part: Partial<LetterBody>) => {
    setLetter({ ...letter, ...part });
  };
  return (
    <form className={css.desk} aria-label="Writing desk" onSubmit={send}>
      <h2>{TITLES[draft.of?.how ?? 'new']}</h2>
      <Recipient
        name="to"
        value={letter.to}
        onChange={(to) => {
          set({ to });
        }}
      />
      <Recipient
        name="a copy to"
        value={letter.copy}
        onChange={(copy) => {
          set({ copy });
        }}
      />
      <label>
        <span>subject</span>
        <Input
          value={letter.subject}
          onChange={(e) => {
            set({ subject: e.target.value });
          }}
        />
      </label>
      <Input.TextArea
        {...(draft.of?.how === 'forward' ? NOTE : WORDS)}
        autoFocus
        autoSize={{ minRows: 6, maxRows: 14 }}
        value={letter.text}
        onChange={(e) => {
          set({ text: e.target.value });
        }}
      />
      {draft.of && <p className={css.by}>The letter itself follows below your words.</p>}
      <div className={css.handling}>
        <Button type="primary" htmlType="submit" loading={act.isPending}>
          Send it
        </Button>
        <Button onClick={onClose}>Cancel</Button>
      </div>
      <ErrorLine error={act.error} />
    </form>
  );
}

const NOTE = {
  'aria-label': 'your note',
  placeholder: 'A note on top, for example: by Thursday, for the loans',
};
const WORDS = { 'aria-label': 'your words' };

const TITLES = { new: 'New message', reply: 'Reply', forward: 'Forward' };

/** Hatband's own addresses, and the user's with their plus-words, are offered by name. */
function Recipient({
  name,
  value,
  onChange,
}: {
  name: string;
  value: string;
  onChange: (value: string) => void;
}) {
  const { data } = useQuery(addresses);
  const { data: box } = useQuery(practice);
  const [local = '', at = ''] = (box?.own ?? '').split('@');
  const options = (data?.items ?? []).flatMap(({ target, address, plusWord }) => [
    { value: address, label: `Hatband, ${target.name}` },
    ...(plusWord === null
      ? []
      : [{ value: `${local}+${plusWord}@${at}`, label: `myself, +${plusWord} (${target.name})` }]),
  ]);
  return (
    <label>
      <span>{name}</span>
      <AutoComplete
        aria-label={name}
        value={value}
        options={options}
        showSearch={{
          filterOption: (typed, option) =>
            `${option?.value ?? ''} ${option?.label ?? ''}`.toLowerCase().includes(typed.toLowerCase()),
        }}
        onChange={onChange}
      />
    </label>
  );
}

function PostSays({ answers, onClose }: { answers: readonly Answer[]; onClose: () => void }) {
  return (
    <div className={css.desk} role="status">
      <h2>What happened to it</h2>
      <ul className={css.answers}>
        {answers.map(({ to, ok, words }) => (
          <li key={to} className={ok ? '' : css.refused}>
            {ok ? '✓' : '✕'} {to}: {words}
          </li>
        ))}
      </ul>
      <Button type="primary" autoFocus onClick={onClose}>
        Back to the letters
      </Button>
    </div>
  );
}
