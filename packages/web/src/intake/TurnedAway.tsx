import type { TurnedAway as Turned } from '@hatband/contract';
import { useClock } from '../shared/clock.ts';
import css from './Intake.module.css';

/** Whose mail was not let in; nothing else is kept of it. */
export function TurnedAway({ items }: { items: readonly Turned[] }) {
  const clock = useClock();
  if (items.length === 0) return null;
  return (
    <section>
      <h3>Turned away</h3>
      <table className={css.table}>
        <tbody>
          {items.map(({ sender, what, words, times, lastAt }) => (
            <tr key={`${sender} ${what} ${words}`}>
              <td>{sender || 'no sender'}</td>
              <td>
                {what} {times > 1 && `${String(times)} times`}
              </td>
              <td>{clock.ago(lastAt)}</td>
              <td>{words}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

/** How many, for a line of the list. */
export function sayTurnedAway(items: readonly Turned[]): string[] {
  const times = items.reduce((sum, each) => sum + each.times, 0);
  return times === 0 ? [] : [`${String(times)} turned away`];
}
