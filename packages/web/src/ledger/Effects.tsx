import type { ArrivalSheet } from '@hatband/contract';
import { sayEffect } from '@hatband/core/rules';
import css from './ReadingSheet.module.css';

/** What rules would do outside Hatband; nothing carries it out yet. */
export function Effects({ effects }: { effects: ArrivalSheet['effects'] }) {
  if (effects.length === 0) return null;
  return (
    <ul className={css.effects} aria-label="What would be done">
      {effects.map(({ ruleName, effect }, i) => (
        <li key={i}>
          {ruleName} would {sayEffect(effect)}
        </li>
      ))}
    </ul>
  );
}
