import type { Arrival, OutcomeKind, RuleName } from '@hatband/contract';
import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import type { KeyboardEvent } from 'react';
import { Fragment } from 'react';
import { Link } from 'react-router';
import { arrivals, ruleNames } from '../api/queries.ts';
import { Band, PriorityBar } from '../shared/page/Band.tsx';
import { dayHeading, dayText, useClock } from '../shared/clock.ts';
import { Foreign } from '../shared/page/Foreign.tsx';
import { Failed, Notice } from '../shared/page/Page.tsx';
import { FirstTask } from './FirstTask.tsx';
import css from './Ledger.module.css';
import { wantSheetFocus } from './sheetFocus.ts';

/** The arrivals, newest first, under the days they came on. Arrow keys go from line to line. */
export function ArrivalList({
  outcome,
  openId,
}: {
  outcome: OutcomeKind | undefined;
  openId: number | null;
}) {
  const list = useInfiniteQuery(arrivals(outcome));
  const { data: ruleList } = useQuery(ruleNames);
  const clock = useClock();
  if (list.error) return <Failed error={list.error} retry={() => void list.refetch()} />;
  if (!list.data) return <div className={css.list} />;
  const items = list.data.pages.flatMap((page) => page.items);
  if (items.length === 0) return <Empty filtered={outcome !== undefined} />;
  return (
    <div className={css.list} onKeyDown={moveFocus} role="navigation" aria-label="Arrivals">
      {items.map((arrival, i) => {
        const day = clock.dayOf(arrival.receivedAt);
        const previous = items[i - 1];
        return (
          <Fragment key={arrival.id}>
            {(!previous || clock.dayOf(previous.receivedAt) !== day) && (
              <h2 className={css.day}>{dayHeading(day, clock.today)}</h2>
            )}
            <ArrivalLine
              arrival={arrival}
              open={arrival.id === openId}
              // One stop for the Tab key: the open line, else the first.
              isStop={items.some(({ id }) => id === openId) ? arrival.id === openId : i === 0}
              rule={ruleList?.items.find((r) => r.id === arrival.outcome.ruleId)}
            />
          </Fragment>
        );
      })}
      {list.hasNextPage && (
        <button
          type="button"
          className={css.more}
          disabled={list.isFetchingNextPage}
          onClick={() => void list.fetchNextPage()}
        >
          {list.isFetchingNextPage ? 'fetching …' : 'earlier mail'}
        </button>
      )}
    </div>
  );
}

/** Arrow keys go from line to line; Enter goes on into the sheet that it opens. */
function moveFocus(event: KeyboardEvent<HTMLElement>): void {
  if (event.key === 'Enter') wantSheetFocus();
  if (event.key !== 'ArrowDown' && event.key !== 'ArrowUp') return;
  const lines = [...event.currentTarget.querySelectorAll<HTMLElement>('a')];
  const at = lines.indexOf(document.activeElement as HTMLElement);
  lines[at + (event.key === 'ArrowDown' ? 1 : -1)]?.focus();
  event.preventDefault();
}

function ArrivalLine({
  arrival,
  open,
  isStop,
  rule,
}: {
  arrival: Arrival;
  open: boolean;
  isStop: boolean;
  rule: RuleName | undefined;
}) {
  const clock = useClock();
  const waiting = arrival.outcome.kind === 'waiting';
  return (
    <Link
      to={`/ledger/${String(arrival.id)}`}
      className={css.line}
      aria-current={open ? 'true' : undefined}
      tabIndex={isStop ? 0 : -1}
    >
      <Band band={rule?.band ?? null} />
      <time className={css.time}>{clock.time(arrival.receivedAt)}</time>
      <span className={css.what}>
        <span className={css.subject}>
          {waiting ? 'A message' : <Foreign words={arrival.subject || '(no subject)'} />}
        </span>
        {!waiting && (
          <span className={css.from}>
            <Foreign words={arrival.asks.name || arrival.asks.address || 'no sender'} />
            {arrival.deliveries > 1 && `, came ${String(arrival.deliveries)} times`}
          </span>
        )}
        <Became arrival={arrival} />
      </span>
    </Link>
  );
}

const DOOR = { 'unwelcome sender': 'its sender was not named', 'over a limit': 'over a limit' } as const;

/** What became of it, in a few words. A title that only repeats the subject is not said again. */
function Became({ arrival: { subject, outcome, tasks } }: { arrival: Arrival }) {
  const clock = useClock();
  const [task] = tasks;
  if (outcome.kind === 'waiting') return <span className={css.nothing}>received, being read …</span>;
  if (outcome.kind === 'failed') return <span className={css.failed}>✕ failed: {outcome.reason}</span>;
  if (outcome.gate) return <span className={css.unclaimed}>held at the door: {DOOR[outcome.gate.why]}</span>;
  if (outcome.kind === 'held')
    return (
      <span className={css.unclaimed}>held: {outcome.held.map(({ message }) => message).join(' ')}</span>
    );
  if (outcome.kind === 'again')
    return <span className={css.unclaimed}>came before another way: add it, or make its own</span>;
  if (outcome.kind === 'comment') return <span className={css.became}>→ a comment on a task</span>;
  if (outcome.reason === 'a rule says so')
    return <span className={css.nothing}>filed by its rule, nothing to do</span>;
  if (outcome.reason === 'to be started by hand')
    return <span className={css.unclaimed}>choose what is made of it</span>;
  if (!task) return <span className={css.nothing}>{outcome.reason}, nothing to do</span>;
  const unclaimed = outcome.kind === 'unclaimed';
  const name = subject.includes(task.title)
    ? `${unclaimed ? 'unclaimed ' : ''}task`
    : `${unclaimed ? 'unclaimed: ' : ''}${task.title}`;
  return (
    <>
      <span className={unclaimed ? css.unclaimed : css.became}>
        {task.status === 'completed' ? '✓ done: ' : '→ '}
        <Foreign words={name} />
        {task.project && ` in ${task.project.name}`}
        {task.due && ', '}
        {task.due && <span className={css.due}>{dayText(task.due, clock.today)}</span>}
        {tasks.length > 1 && ` and ${String(tasks.length - 1)} more`}
      </span>
      <PriorityBar priority={task.priority} />
    </>
  );
}

function Empty({ filtered }: { filtered: boolean }) {
  return (
    <div className={css.list}>
      {filtered ? <Notice title="None of these">All mail is under “all”.</Notice> : <FirstTask />}
    </div>
  );
}
