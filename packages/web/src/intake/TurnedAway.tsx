import type { Address } from '@hatband/contract';
import { useClock } from '../shared/clock.ts';
import css from './Intake.module.css';

/** Who was refused or dropped; nothing else is kept of it. */
export function TurnedAway({ address }: { address: Address }) {
  const clock = useClock();
  if (address.turnedAway.length === 0) return null;
  return (
    <section>
      <h3>Turned away</h3>
      <table className={css.table}>
        <tbody>
          {address.turnedAway.map(({ sender, what, words, times, lastAt }) => (
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
