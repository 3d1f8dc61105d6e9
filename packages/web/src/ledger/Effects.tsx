import type { ArrivalSheet } from '@hatband/contract';
import css from './ReadingSheet.module.css';

/** What its rules do outside Hatband, and how far that is; mail does not go out yet. */
export function Effects({ effects, carriedOut }: Pick<ArrivalSheet, 'effects' | 'carriedOut'>) {
  if (effects.length === 0) return null;
  const isBegun = carriedOut.length > 0;
  return (
    <div className={css.effects}>
      <ul aria-label="What is done besides">
        {effects.map(({ ruleName, words, inMailbox }, i) => (
          <li key={i}>
            {ruleName}: {isBegun && inMailbox ? '' : 'would '}
            {words}
          </li>
        ))}
      </ul>
      {carriedOut.map(({ state, problem }, i) => (
        <p key={i} className={state === 'failed' ? css.failed : ''}>
          {state === 'done' && '✓ done in its mailbox'}
          {state === 'waiting' &&
            `being done in its mailbox${problem === null ? ' …' : `, tried again: ${problem}`}`}
          {state === 'failed' && `✕ not done in its mailbox: ${problem ?? ''}`}
        </p>
      ))}
    </div>
  );
}
