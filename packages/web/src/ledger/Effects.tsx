import type { ArrivalSheet } from '@hatband/contract';
import { sayEffect } from '@hatband/core/rules';
import css from './ReadingSheet.module.css';

/** What its rules do outside Hatband, and how far that is; mail does not go out yet. */
export function Effects({ effects, carriedOut }: Pick<ArrivalSheet, 'effects' | 'carriedOut'>) {
  if (effects.length === 0) return null;
  const isInMailbox = carriedOut.length > 0;
  return (
    <div className={css.effects}>
      <ul aria-label="What is done besides">
        {effects.map(({ ruleName, effect }, i) => (
          <li key={i}>
            {ruleName}: {isInMailbox && effect.kind !== 'send' ? '' : 'would '}
            {sayEffect(effect)}
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
