import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { arrivals, attention, ruleNames } from '../api/queries.ts';
import { railCounts } from '../api/tasks.ts';
import { useClock } from '../shared/clock.ts';
import { Foreign } from '../shared/page/Foreign.tsx';
import css from './WhatWaits.module.css';
import { lastVisit } from './lastVisit.ts';

/** Where no message is chosen: what came since the last visit, and what waits for the user, each one press away. */
export function WhatWaits() {
  const { data: waits } = useQuery(attention);
  const { data: counts } = useQuery(railCounts);
  const { data: rules } = useQuery(ruleNames);
  const broken = (rules?.items ?? []).filter((rule) => rule.isBroken && !rule.deleted);
  const lines = [
    { n: waits?.atDoor, to: '/ledger?show=held', one: 'message waits at the door', many: 'messages wait at the door' },
    { n: waits?.held, to: '/ledger?show=held', one: 'message is held by a rule', many: 'messages are held by rules' },
    { n: waits?.again, to: '/ledger?show=again', one: 'message came twice', many: 'messages came twice' },
    { n: waits?.failed, to: '/ledger?show=failed', one: 'message could not be read', many: 'messages could not be read' },
    { n: counts?.gaps, to: '/gaps', one: 'task has gaps', many: 'tasks have gaps' },
    { n: counts?.proposals, to: '/proposals', one: 'task has a proposal', many: 'tasks have proposals' },
  ].flatMap(({ n = 0, ...line }) => (n === 0 ? [] : { n, ...line }));
  const effects = waits?.effects ?? [];
  const isLoaded = waits !== undefined && counts !== undefined;
  return (
    <div className={css.waits}>
      <Since />
      <h2>What waits for you</h2>
      {isLoaded && lines.length + broken.length + effects.length === 0 && <p>Nothing. All that came is settled.</p>}
      <ul>
        {lines.map(({ n, to, one, many }) => (
          <li key={many}>
            <Link to={to}>
              <b>{n}</b> {n === 1 ? one : many}
            </Link>
          </li>
        ))}
        {broken.map(({ id, name }) => (
          <li key={id}>
            <Link to={`/rules/${id}`}>
              The rule <Foreign words={name} /> cannot work; its mail is held
            </Link>
          </li>
        ))}
        {effects.map(({ arrivalId, subject, problem }) => (
          <li key={`${String(arrivalId)} ${problem}`}>
            <Link to={`/ledger/${String(arrivalId)}`}>
              Not done in the mailbox: <Foreign words={subject || '(no subject)'} />
            </Link>{' '}
            <small>{problem}</small>
          </li>
        ))}
      </ul>
      <p className={css.hint}>A message that you choose opens here, with the places marked that its task was read from.</p>
    </div>
  );
} // prettier-ignore

/** What came since the page was looked at last. */
function Since() {
  const clock = useClock();
  const since = lastVisit();
  const { data } = useInfiniteQuery(arrivals({}));
  if (since === null || !data) return null;
  const items = data.pages.flatMap((page) => page.items);
  const fresh = items.filter(({ receivedAt }) => receivedAt > since);
  const more = fresh.length === items.length && data.pages.at(-1)?.next != null ? 'more than ' : '';
  const tasks = fresh.reduce((n, arrival) => n + arrival.tasks.length, 0);
  return (
    <p className={css.since}>
      {fresh.length === 0
        ? `Nothing came since you were here (${clock.ago(since)}).`
        : `Since you were here (${clock.ago(since)}): ${more}${say(fresh.length, 'message')}, ${say(tasks, 'task')}.`}
    </p>
  );
}

const say = (n: number, what: string) => `${String(n)} ${what}${n === 1 ? '' : 's'}`;
