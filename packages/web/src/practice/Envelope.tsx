import type { PracticeLine } from '@hatband/contract';
import { Link } from 'react-router';
import { Foreign } from '../shared/page/Foreign.tsx';
import { dayText, useClock } from '../shared/clock.ts';
import css from './Practice.module.css';

/** A letter in the rack: who it is from, what about, its labels as slips, the day as its stamp. */
export function Envelope({ letter, isOpen }: { letter: PracticeLine; isOpen: boolean }) {
  const clock = useClock();
  const [weekday, ...day] = dayText(clock.dayOf(letter.cameAt), clock.today).split(' ');
  return (
    <Link
      to={`/practice/${String(letter.uid)}`}
      className={css.envelope}
      aria-current={isOpen ? 'true' : undefined}
      data-unread={letter.seen ? undefined : ''}
    >
      <span className={css.stamp}>
        {weekday}
        <br />
        {day.join(' ')}
      </span>
      <span className={css.from}>
        <Foreign words={letter.from} />
      </span>
      <span className={css.about}>
        <Foreign words={letter.subject || '(no subject)'} />
      </span>
      <span className={css.slips}>
        {letter.flagged && <i className={css.flagged}>flagged</i>}
        {letter.labels.map((label) => (
          <i key={label}>{label}</i>
        ))}
      </span>
    </Link>
  );
}
