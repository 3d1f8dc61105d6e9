import type { Band as BandValue } from '@hatband/core/rules';
import type { Priority } from '@hatband/core/tasks';
import css from './page.module.css';

const NO_RULE = `${css.band ?? ''} ${css.unclaimed ?? ''}`;

/** A rule's colour and pattern as an edge; null where no rule took the mail. */
export function Band({ band }: { band: BandValue | null }) {
  if (!band) return <span className={NO_RULE} aria-hidden="true" />;
  const style = { color: `var(--band-${band.hue})` };
  return <span className={`${css.band ?? ''} ${css[band.pattern] ?? ''}`} style={style} aria-hidden="true" />;
}

/** A short bar under a title: thick for high, middle, thin for low. The word stands on the task itself. */
export function PriorityBar({ priority }: { priority: Priority | null }) {
  if (!priority) return null;
  return (
    <span
      className={`${css.priority ?? ''} ${css[priority] ?? ''}`}
      role="img"
      aria-label={`${priority} priority`}
    />
  );
}
