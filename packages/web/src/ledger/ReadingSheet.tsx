import type { ArrivalSheet } from '@hatband/contract';
import { rawPath } from '@hatband/contract';
import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense, useEffect, useRef, useState, type KeyboardEvent } from 'react';
import { Link } from 'react-router';
import { Foreign } from '../shared/page/Foreign.tsx';
import { arrivalSheet, ruleNames } from '../api/queries.ts';
import { useClock } from '../shared/clock.ts';
import { Failed, Notice } from '../shared/page/Page.tsx';
import { marksOf, type Pointed } from './marks.ts';
import { MessageView } from './MessageView.tsx';
import css from './ReadingSheet.module.css';
import { AgainNote } from './AgainNote.tsx';
import { DoorNote } from './DoorNote.tsx';
import { Effects } from './Effects.tsx';
import { MakeRule } from './MakeRule.tsx';
import { HeldNote } from './HeldNote.tsx';
import { PossibleTasks } from './PossibleTasks.tsx';
import { Remarks } from './Remarks.tsx';
import { focusOpenLine, takeSheetFocus } from './sheetFocus.ts';
import { TaskCard } from './TaskCard.tsx';
import { ValueLine } from './ValueLine.tsx';

const Why = lazy(() => import('./Why.tsx').then((m) => ({ default: m.Why })));

/** A message with the places its values were read from, and its tasks beside it. */
export function ReadingSheet({ id }: { id: number | null }) {
  if (id === null) {
    return (
      <div className={css.sheet}>
        <Notice title="Choose a message">
          It opens here, with the places marked from which its task was read.
        </Notice>
      </div>
    );
  }
  return <OpenSheet id={id} />;
}

function OpenSheet({ id }: { id: number }) {
  const { data, error, refetch } = useQuery(arrivalSheet(id));
  if (error) {
    return (
      <div className={css.sheet}>
        <Failed error={error} retry={() => void refetch()} />
      </div>
    );
  }
  return data ? <Sheet sheet={data} /> : <div className={css.sheet} />;
}

function Sheet({ sheet }: { sheet: ArrivalSheet }) {
  const [pointed, setPointed] = useState<Pointed | null>(null);
  const [why, setWhy] = useState(false);
  const body = useRef<HTMLDivElement>(null);
  const { arrival, tasks, read } = sheet;
  const article = useRef<HTMLElement>(null);
  useEffect(() => {
    takeSheetFocus(article.current);
  }, []);
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === 'Escape' && !event.defaultPrevented) focusOpenLine();
  };
  return (
    <article
      ref={article}
      className={css.sheet}
      aria-label="Reading sheet"
      tabIndex={-1}
      onKeyDown={onKeyDown}
    >
      <SheetHead sheet={sheet} why={why} onWhy={setWhy} />
      {why && (
        <Suspense>
          <Why sheet={sheet} />
        </Suspense>
      )}
      <div className={css.body} ref={body}>
        <div>
          {read ? (
            <MessageView
              arrival={arrival}
              read={read}
              marks={marksOf(tasks)}
              pointed={pointed}
              onPoint={setPointed}
            />
          ) : (
            <Unread sheet={sheet} />
          )}
          <p className={css.raw}>
            <a href={rawPath.replace(':id', String(arrival.id))}>Download the message as it came</a>,{' '}
            {Math.ceil(sheet.envelope.size / 1024)} kB
          </p>
        </div>
        <div className={css.cards}>
          {tasks.map((task) => (
            <TaskCard
              key={task.id}
              task={task}
              pointed={pointed}
              onPoint={setPointed}
              who={read?.anatomy.who ?? null}
            />
          ))}
          <Remarks remarks={sheet.remarks} />
          <DoorNote arrival={arrival} />
          {sheet.before && (
            <AgainNote arrivalId={arrival.id} kind={arrival.outcome.kind} before={sheet.before} />
          )}
          {arrival.outcome.held.map((held) => (
            <HeldNote key={held.ruleId} arrivalId={arrival.id} held={held} />
          ))}
          {sheet.comments.map(({ taskId, title }) => (
            <p key={taskId} className={css.noTask}>
              A comment on{' '}
              <Link to={`/tasks/${String(taskId)}`}>
                <Foreign words={title} />
              </Link>
              .
            </p>
          ))}
          {tasks.length === 0 && <NoTask sheet={sheet} />}
          {tasks.length === 0 && read && <PossibleTasks arrival={arrival} />}
          <Effects effects={sheet.effects} carriedOut={sheet.carriedOut} />
        </div>
        <ValueLine container={body} pointed={pointed} />
      </div>
    </article>
  );
}

function SheetHead({
  sheet,
  why,
  onWhy,
}: {
  sheet: ArrivalSheet;
  why: boolean;
  onWhy: (why: boolean) => void;
}) {
  const { arrival, address, tasks } = sheet;
  const { data } = useQuery(ruleNames);
  const rule = data?.items.find(({ id }) => id === arrival.outcome.ruleId);
  const version = versionOf(sheet);
  return (
    <div className={css.head}>
      <span>
        {WAYS[arrival.source]} <b>{address.name}</b>
        {address.plusWord !== null && <> +{address.plusWord}</>}
        {arrival.occasion === 'label' && <> by the label {arrival.label}</>}
        {arrival.occasion === 'flag' && <> by its flag</>}
        {address.retired && <>, an address that was renewed</>}
      </span>
      {rule && (
        <span>
          rule <b>{rule.name}</b>
          {version !== null && `, version ${String(version)}`}
        </span>
      )}
      {tasks.length > 0 && !rule && (
        <span>
          <b>no rule</b>, built-in reading
        </span>
      )}
      {sheet.read && (
        <button
          type="button"
          className="link"
          aria-expanded={why}
          onClick={() => {
            onWhy(!why);
          }}
        >
          {why ? 'hide why' : 'why?'}
        </button>
      )}
      {arrival.outcome.ruleId !== null ? (
        <Link to={`/rules/${arrival.outcome.ruleId}`} className={css.edit}>
          Open the rule
        </Link>
      ) : (
        sheet.read && <MakeRule sheet={sheet} className={css.edit} />
      )}
    </div>
  );
}

const WAYS: Record<ArrivalSheet['arrival']['source'], string> = {
  smtp: 'arrived at',
  mailbox: 'fetched from',
  practice: 'fetched from',
  file: 'from a file, at',
  http: 'handed in at',
};

function Unread({ sheet }: { sheet: ArrivalSheet }) {
  const clock = useClock();
  const failed = sheet.arrival.outcome.kind === 'failed';
  return (
    <Notice title={failed ? 'This message could not be read' : 'Being read …'}>
      {failed
        ? `It was tried three times: ${sheet.arrival.outcome.reason ?? ''}. Its bytes are safe and can be downloaded below.`
        : `Received ${clock.ago(sheet.arrival.receivedAt)}; it is stored and its turn comes soon.`}
    </Notice>
  );
}

/** The version of the rule that made its first task. */
function versionOf({ tasks, arrival }: ArrivalSheet): number | null {
  const sources = tasks.flatMap((task) => Object.values(task.evidence));
  const made = sources.find((source) => source.by === 'rule' && source.ruleId === arrival.outcome.ruleId);
  return made?.by === 'rule' ? made.version : null;
}

function NoTask({ sheet }: { sheet: ArrivalSheet }) {
  const words = noTask(sheet);
  return words && <p className={css.noTask}>{words}</p>;
}

const NOTHING: Readonly<Record<string, string>> = {
  'a rule says so': 'No task: its rule makes none.',
  'answers itself': 'No task: this is an automatic reply.',
  'made by a machine': 'No task: this is an automatic notice, and no rule takes it.',
  'no rule took it': 'No task: no rule takes this mail from its mailbox.',
  'to be started by hand': 'No task yet: choose what is made of it.',
  'its sender is blocked': 'No task: you have blocked its sender.',
};

function noTask({ arrival: { outcome }, comments }: ArrivalSheet): string | null {
  switch (outcome.kind) {
    case 'nothing':
      return NOTHING[outcome.reason ?? ''] ?? 'No task was made.';
    case 'again':
      return null;
    case 'failed':
      return 'No task was made.';
    case 'waiting':
      return 'Its task will stand here.';
    default:
      return comments.length > 0 || outcome.held.length > 0 || outcome.gate ? null : 'No task was made.';
  }
}
