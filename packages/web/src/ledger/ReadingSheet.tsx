import type { ArrivalSheet } from '@hatband/contract';
import { rawPath } from '@hatband/contract';
import { useQuery } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { Link } from 'react-router';
import { arrivalSheet } from '../api/queries.ts';
import { useClock } from '../shared/clock.ts';
import { Failed, Notice } from '../shared/Page.tsx';
import { marksOf, type Pointed } from './marks.ts';
import { MessageView } from './MessageView.tsx';
import css from './ReadingSheet.module.css';
import { TaskCard } from './TaskCard.tsx';
import { ValueLine } from './ValueLine.tsx';
import { Why } from './Why.tsx';

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
  return (
    <article className={css.sheet} aria-label="Reading sheet">
      <SheetHead sheet={sheet} why={why} onWhy={setWhy} />
      {why && <Why sheet={sheet} />}
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
          {tasks.length === 0 && <p className={css.noTask}>{noTask(sheet)}</p>}
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
  const rule = sheet.trace.find((trace) => trace.taken && trace.ruleId === arrival.outcome.ruleId);
  return (
    <div className={css.head}>
      <span>
        arrived at <b>{address.name}</b>
        {address.plusWord !== null && <> +{address.plusWord}</>}
      </span>
      {rule && (
        <span>
          rule <b>{rule.name}</b>, version {rule.version}
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
      {arrival.outcome.ruleId !== null && (
        <Link to={`/rules/${arrival.outcome.ruleId}`} className={css.edit}>
          Open the rule
        </Link>
      )}
    </div>
  );
}

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

function noTask({ arrival }: ArrivalSheet): string {
  if (arrival.outcome.kind === 'nothing')
    return `No task: this mail is ${arrival.outcome.reason === 'answers itself' ? 'one that answers itself' : 'made by a machine and no rule took it'}.`;
  return arrival.outcome.kind === 'failed' ? 'No task was made.' : 'Its task will stand here.';
}
