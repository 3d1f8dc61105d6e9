import { useQuery } from '@tanstack/react-query';
import { NavLink } from 'react-router';
import { health, ruleNames } from '../api/queries.ts';
import { railCounts } from '../api/tasks.ts';
import { useLive } from '../api/live.ts';
import { useClock } from '../shared/clock.ts';
import css from './App.module.css';

const SCREENS = [
  { to: '/ledger', name: 'Ledger' },
  { to: '/gaps', name: 'Gaps' },
  { to: '/tasks', name: 'Tasks' },
  { to: '/proposals', name: 'Proposals' },
  { to: '/people', name: 'People' },
  { to: '/rules', name: 'Rules' },
  { to: '/intake', name: 'Intake' },
  { to: '/practice', name: 'Practice' },
  { to: '/settings', name: 'Settings' },
];

/** The side rail: where one can go, and whether mail is being received. */
export function Rail() {
  const { data: rules } = useQuery(ruleNames);
  const { data: counts } = useQuery(railCounts);
  const signs: Readonly<Record<string, number | undefined>> = {
    '/gaps': counts?.gaps,
    '/proposals': counts?.proposals,
  };
  const isBroken = rules?.items.some((rule) => rule.isBroken && !rule.deleted) ?? false;
  return (
    <nav className={css.rail} aria-label="Screens">
      <div className={css.brand}>
        <Hat />
        Hatband
      </div>
      {SCREENS.map(({ to, name }) => (
        <NavLink key={to} to={to}>
          {name}
          {(signs[to] ?? 0) > 0 && <span className={css.sign}>{signs[to]}</span>}
          {to === '/rules' && isBroken && (
            <span className={css.sign} title="A live rule cannot work; its mail is held.">
              ⚠ broken
            </span>
          )}
        </NavLink>
      ))}
      <State />
    </nav>
  );
}

function Hat() {
  return (
    <svg width="27" height="20" viewBox="0 0 32 24" aria-hidden="true">
      <path d="M9 17V9c0-4 3-6 7-6s7 2 7 6v8z" fill="#fffdf8" />
      <path d="M9 12h14v5H9z" fill="#64b3a8" />
      <path d="M2 17h28c0 3-6 4-14 4S2 20 2 17z" fill="#fffdf8" />
    </svg>
  );
}

function State() {
  const listening = useLive();
  const { data } = useQuery(health);
  const clock = useClock();
  if (!listening) {
    return (
      <div className={css.state} role="status">
        <strong>no connection</strong>
        <br />
        trying again
      </div>
    );
  }
  return (
    <div className={css.state} role="status">
      {data && data.queueDepth > 0 ? `reading ${String(data.queueDepth)} more` : 'receiving mail'}
      <br />
      {data?.lastArrivalAt ? `last ${clock.ago(data.lastArrivalAt)}` : 'none so far'}
    </div>
  );
}
