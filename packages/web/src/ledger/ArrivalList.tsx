import type { Arrival, OutcomeKind, RuleName } from '@hatband/contract';
import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import type { KeyboardEvent } from 'react';
import { Fragment } from 'react';
import { Link, useLocation } from 'react-router';
import { arrivals, ruleNames } from '../api/queries.ts';
import { Band, PriorityBar } from '../shared/page/Band.tsx';
import { dayHeading, dayText, useClock } from '../shared/clock.ts';
import { Foreign } from '../shared/page/Foreign.tsx';
import { Failed, Notice } from '../shared/page/Page.tsx';
import type { Picked } from '../shared/usePicked.ts';
import { FirstTask } from './FirstTask.tsx';
import css from './Ledger.module.css';
import { wantSheetFocus } from './sheetFocus.ts';

/** The arrivals, newest first, under the days they came on. Arrow keys go from line to line. */
export function ArrivalList({
  outcome,
  openId,
  picked,
}: {
  outcome: OutcomeKind | undefined;
  openId: number | null;
  picked: Picked;
}) {
  const list = useInfiniteQuery(arrivals(outcome === undefined ? {} : { outcome }));
  const { data: ruleList } = useQuery(ruleNames);
  const clock = useClock();
  if (list.error) return <Failed error={list.error} retry={() => void list.refetch()} />;
  if (!list.data) return <div className={css.list} />;
  const items = list.data.pages.flatMap((page) => page.items);
  if (items.length === 0) return <Empty filtered={outcome !== undefined} />;
  return (
    <div
      className={css.list}
      onKeyDown={(event) => {
        moveFocus(event, items, picked);
      }}
      role="navigation"
      aria-label="Arrivals"
    >
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
              picked={picked}
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

/** Arrow keys go from line to line, with Shift they pick, as Space does; Enter goes on into the sheet that it opens. */
function moveFocus(event: KeyboardEvent<HTMLElement>, items: readonly Arrival[], picked: Picked): void {
  if (event.key === 'Enter') wantSheetFocus();
  if (event.key === 'Escape') picked.letGo();
  if (event.key !== 'ArrowDown' && event.key !== 'ArrowUp' && event.key !== ' ') return;
  const lines = [...event.currentTarget.querySelectorAll<HTMLElement>('a')];
  const at = lines.findIndex((line) => line === document.activeElement);
  const here = items[at];
  if (!here) return;
  event.preventDefault();
  if (event.key === ' ') {
    picked.toggle(here.id);
    return;
  }
  const next = at + (event.key === 'ArrowDown' ? 1 : -1);
  const beside = items[next];
  if (event.shiftKey && beside) {
    if (!picked.ids.has(here.id)) picked.toggle(here.id);
    picked.pickTo(beside.id);
  }
  lines[next]?.focus();
}

function ArrivalLine({
  arrival,
  open,
  picked,
  isStop,
  rule,
}: {
  arrival: Arrival;
  open: boolean;
  picked: Picked;
  isStop: boolean;
  rule: RuleName | undefined;
}) {
  const clock = useClock();
  const { search } = useLocation();
  const waiting = arrival.outcome.kind === 'waiting';
  const n = [...picked.ids].indexOf(arrival.id) + 1;
  return (
    <div className={css.row}>
      <button
        type="button"
        tabIndex={-1}
        className={css.pick}
        aria-pressed={n > 0}
        aria-label={`pick: ${arrival.subject}`}
        title="pick, with Shift all from the last one"
        onClick={(event) => {
          if (event.shiftKey) picked.pickTo(arrival.id);
          else picked.toggle(arrival.id);
        }}
      >
        {n > 0 ? n : ''}
      </button>
      <Link
        to={`/ledger/${String(arrival.id)}${search}`}
        className={css.line}
        aria-current={open ? 'true' : undefined}
        tabIndex={isStop ? 0 : -1}
        onClick={picked.letGo}
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
    </div>
  );
}

const DOOR = { 'unwelcome sender': 'its sender was not named', 'over a limit': 'over a limit' } as const;

/** What became of it, in a few words. */
function Became({ arrival }: { arrival: Arrival }) {
  const { outcome, tasks } = arrival;
  const [task] = tasks;
  const { tone, words } = withoutTask(outcome);
  if (words !== null) return <span className={css[tone]}>{words}</span>;
  if (!task)
    return (
      <span className={css.nothing}>
        {outcome.kind === 'nothing' ? `${outcome.reason ?? ''}, nothing to do` : 'its task was deleted'}
      </span>
    );
  return <FirstTaskWords task={task} arrival={arrival} />;
}

/** Of an outcome that makes no task: what is said of it, and how. */
function withoutTask({ kind, reason, gate, held }: Arrival['outcome']) {
  const say = (tone: 'nothing' | 'failed' | 'unclaimed' | 'became', words: string | null) => ({
    tone,
    words,
  });
  if (gate) return say('unclaimed', `held at the door: ${DOOR[gate.why]}`);
  if (reason === 'a rule says so') return say('nothing', 'filed by its rule, nothing to do');
  if (reason === 'to be started by hand') return say('unclaimed', 'choose what is made of it');
  switch (kind) {
    case 'waiting':
      return say('nothing', 'received, being read …');
    case 'failed':
      return say('failed', `✕ failed: ${reason ?? ''}`);
    case 'held':
      return say('unclaimed', `held: ${held.map(({ message }) => message).join(' ')}`);
    case 'again':
      return say('unclaimed', 'came before another way: add it, or make its own');
    case 'comment':
      return say('became', '→ a comment on a task');
    default:
      return say('nothing', null);
  }
}

/** A title that only repeats the subject is not said again. */
function FirstTaskWords({ task, arrival }: { task: Arrival['tasks'][number]; arrival: Arrival }) {
  const clock = useClock();
  const unclaimed = arrival.outcome.kind === 'unclaimed';
  const name = arrival.subject.includes(task.title)
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
        {arrival.tasks.length > 1 && ` and ${String(arrival.tasks.length - 1)} more`}
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
