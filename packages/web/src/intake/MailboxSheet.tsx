import {
  addMailbox,
  MailboxSettings,
  pauseMailbox,
  removeMailbox,
  saveMailbox,
  testMailbox,
  type StoredMailbox,
} from '@hatband/contract';
import { Button } from 'antd';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { call } from '../api/call.ts';
import { ErrorLine } from '../shared/page/Page.tsx';
import { useAct } from '../shared/useAct.ts';
import css from './Intake.module.css';
import { AccountForm } from './AccountForm.tsx';
import { sayState } from './sayState.ts';
import { TurnedAway } from './TurnedAway.tsx';
import { WatchForm } from './WatchForm.tsx';
import { LinkButton } from '../shared/page/LinkButton.tsx';

const FRESH: MailboxSettings = {
  kind: 'imap',
  name: '',
  addresses: [],
  folders: [{ folder: 'INBOX', for: ['label', 'flag', 'plus-word'] }],
  recipients: [],
  host: '',
  port: 993,
  security: 'tls',
  user: '',
};

/** A watched mailbox: where it is, and what of it brings mail in. Without one a new one. */
export function MailboxSheet({ mailbox }: { mailbox: StoredMailbox | null }) {
  const before = mailbox?.settings ?? FRESH;
  const [settings, setSettings] = useState(before);
  const [password, setPassword] = useState('');
  const [folders, setFolders] = useState<string[]>([]);
  const isChanged = JSON.stringify(settings) !== JSON.stringify(before) || password !== '';
  const body = { settings, ...(password === '' ? {} : { password }) };
  return (
    <article className={css.sheet} aria-label={mailbox ? `The mailbox ${before.name}` : 'A new mailbox'}>
      <header className={css.head}>
        <h2>{mailbox ? before.name : 'A new mailbox'}</h2>
        {mailbox && <p>{sayState(mailbox.state)}</p>}
        {settings.kind === 'practice' && (
          <p>
            The mailbox of <Link to="/practice">Practice</Link>: all in it is made up.
          </p>
        )}
      </header>
      {settings.kind === 'imap' && (
        <AccountForm
          settings={settings}
          password={password}
          hasPassword={mailbox?.hasPassword ?? false}
          onChange={setSettings}
          onPassword={setPassword}
        >
          <TestPart body={{ ...body, id: mailbox?.id ?? null }} onFolders={setFolders} />
        </AccountForm>
      )}
      {mailbox && <TurnedAway items={mailbox.turnedAway} />}
      <WatchForm settings={settings} folders={folders} onChange={setSettings} />
      <Buttons mailbox={mailbox} body={body} isChanged={isChanged} />
    </article>
  );
}

interface Body {
  settings: MailboxSettings;
  password?: string;
}

function TestPart({
  body,
  onFolders,
}: {
  body: Body & { id: number | null };
  onFolders: (folders: string[]) => void;
}) {
  const [answer, setAnswer] = useState<string[] | null>(null);
  const act = useAct();
  const test = () => {
    setAnswer(null);
    act.mutate(async () => {
      const { problems, folders } = await call(testMailbox, { body });
      setAnswer(problems);
      onFolders(folders);
    });
  };
  return (
    <div className={css.test}>
      <Button size="small" loading={act.isPending} onClick={test}>
        Test the connection
      </Button>
      <div role="status">
        {answer?.length === 0 && <p className={css.well}>✓ It works; its folders can be chosen below.</p>}
        {answer?.map((problem) => (
          <p key={problem} className={css.problem}>
            ✕ {problem}
          </p>
        ))}
      </div>
      <ErrorLine error={act.error} />
    </div>
  );
}

function Buttons({
  mailbox,
  body,
  isChanged,
}: {
  mailbox: StoredMailbox | null;
  body: Body;
  isChanged: boolean;
}) {
  const act = useAct('mailbox', 'address');
  const [own, setOwn] = useState<Error | null>(null);
  const navigate = useNavigate();
  const save = () => {
    const parsed = MailboxSettings.safeParse(body.settings);
    setOwn(parsed.success ? null : new Error(parsed.error.issues[0]?.message ?? 'This cannot be kept.'));
    if (!parsed.success) return;
    const given = { ...body, settings: parsed.data };
    act.mutate(async () => {
      if (mailbox)
        await call(saveMailbox, { params: { id: mailbox.id }, revision: mailbox.revision, body: given });
      else {
        const { items } = await call(addMailbox, { body: given });
        void navigate(`/intake/mailbox/${String(items.at(-1)?.id ?? '')}`);
      }
    });
  };
  return (
    <div className={css.save}>
      <Button type="primary" disabled={!isChanged} loading={act.isPending} onClick={save}>
        {mailbox ? 'Save' : 'Watch it'}
      </Button>
      {mailbox && <PauseAndRemove mailbox={mailbox} act={act} />}
      <ErrorLine error={own ?? act.error} />
    </div>
  );
}

function PauseAndRemove({ mailbox, act }: { mailbox: StoredMailbox; act: ReturnType<typeof useAct> }) {
  const seen = { params: { id: mailbox.id }, revision: mailbox.revision };
  const isPaused = mailbox.state.kind === 'paused';
  const navigate = useNavigate();
  return (
    <>
      <Button
        onClick={() => {
          act.mutate(() => call(pauseMailbox, { ...seen, body: { paused: !isPaused } }));
        }}
      >
        {isPaused ? 'Go on watching' : 'Pause'}
      </Button>
      {mailbox.settings.kind === 'imap' && (
        <LinkButton
          onClick={() => {
            act.mutate(async () => {
              await call(removeMailbox, seen);
              void navigate('/intake');
            });
          }}
        >
          stop watching it and forget its password
        </LinkButton>
      )}
    </>
  );
}
