import type { Found, MarkedWords } from '@hatband/contract';
import { isDone } from '@hatband/core/tasks';
import type { KeyboardEvent } from 'react';
import { Link } from 'react-router';
import { dayText, useClock } from '../shared/clock.ts';
import { Foreign } from '../shared/page/Foreign.tsx';
import { Notice } from '../shared/page/Page.tsx';
import css from './Search.module.css';

interface Props {
  items: readonly Found[];
  more: boolean;
  words: string;
}

/** What was found, the newest first; arrow keys go from one to the next. */
export function Results({ items, more, words }: Props) {
  if (items.length === 0)
    return (
      <Notice title="Nothing has these words">
        All of “{words}” have to be in one message or task; each may be the beginning of a word.
      </Notice>
    );
  return (
    <ol className={css.results} aria-label="Found" onKeyDown={moveFocus}>
      {items.map((each) => (
        <Result key={`${each.kind} ${String(each.id)}`} found={each} />
      ))}
      {more && <li className={css.more}>There is more; another word or a filter finds it.</li>}
    </ol>
  );
}

function Result({ found }: { found: Found }) {
  const clock = useClock();
  const isTask = found.kind === 'task';
  return (
    <li data-found="">
      <Link to={`/${isTask ? 'tasks' : 'ledger'}/${String(found.id)}`}>
        <small className={css.kind}>{isTask ? 'task' : 'mail'}</small>
        <b className={isTask && isDone(found.status) ? css.over : undefined}>
          {found.title.length === 0 ? '(no subject)' : <Marked of={found.title} />}
        </b>
        <span className={css.excerpt}>{isInTitle(found) ? '' : <Marked of={found.excerpt} />}</span>
        <small className={css.facts}>
          <Foreign words={found.who} />, {clock.ago(found.at)}
          {isTask && found.project !== null && `, ${found.project}`}
          {isTask && found.due !== null && `, due ${dayText(found.due, clock.today)}`}
        </small>
      </Link>
    </li>
  );
}

/** Whether the excerpt would only say the title again. */
const isInTitle = ({ title, excerpt }: Found) => wordsOf(title) === wordsOf(excerpt);
const wordsOf = (of: MarkedWords) => of.map(({ words }) => words).join('');

function Marked({ of }: { of: MarkedWords }) {
  return (
    <bdi>
      {of.map(({ words, hit }, i) => (hit ? <mark key={i}>{words}</mark> : <span key={i}>{words}</span>))}
    </bdi>
  );
}

function moveFocus(event: KeyboardEvent<HTMLOListElement>): void {
  const step = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
  if (step === 0) return;
  event.preventDefault();
  const links = [...event.currentTarget.querySelectorAll('a')];
  const at = links.findIndex((link) => link === document.activeElement);
  const next = links[at + step];
  if (next) next.focus();
  else if (step < 0) document.querySelector<HTMLElement>('[role=search] input')?.focus();
}
