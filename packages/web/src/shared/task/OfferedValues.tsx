import type { TaskCandidate } from '@hatband/contract';
import { useEffect } from 'react';
import { Foreign } from '../page/Foreign.tsx';
import css from './fields.module.css';

/** What the mail holds for the field that is open, each with the key that takes it. */
export function OfferedValues({
  candidates,
  onTake,
  onPoint,
}: {
  candidates: readonly TaskCandidate[];
  onTake: (candidate: TaskCandidate) => void;
  onPoint: ((candidate: TaskCandidate | null) => void) | undefined;
}) {
  useEffect(() => () => onPoint?.(null), [onPoint]);
  return (
    <ul className={css.offers} aria-label="in the mail">
      {candidates.map((candidate, i) => (
        <li key={candidate.words}>
          <button
            type="button"
            tabIndex={-1}
            title={candidate.spans.map(({ quote }) => `“${quote}”`).join(' … ') || 'who wrote the mail'}
            // The editor keeps the focus until its value is taken.
            onMouseDown={(event) => {
              event.preventDefault();
            }}
            onClick={() => {
              onTake(candidate);
            }}
            onMouseEnter={() => onPoint?.(candidate)}
            onMouseLeave={() => onPoint?.(null)}
          >
            <kbd>Alt {i + 1}</kbd> <Foreign words={candidate.words} />
          </button>
        </li>
      ))}
    </ul>
  );
}
