import { useLayoutEffect, useState, type RefObject } from 'react';
import { keyOf, type Pointed } from './marks.ts';
import css from './ReadingSheet.module.css';

/** A line that ties a value to its words while either is pointed at. */
export function ValueLine({
  container,
  pointed,
}: {
  container: RefObject<HTMLDivElement | null>;
  pointed: Pointed | null;
}) {
  const [path, setPath] = useState<string | null>(null);
  useLayoutEffect(() => {
    setPath(pointed && container.current ? pathBetween(container.current, keyOf(pointed)) : null);
  }, [container, pointed]);
  if (!path || !pointed) return null;
  return (
    <svg className={css.line} aria-hidden="true">
      <path d={path} fill="none" stroke={`var(--field-${pointed.field})`} strokeWidth="1.5" />
    </svg>
  );
}

function pathBetween(container: HTMLElement, key: string): string | null {
  const words = container.querySelector(`[data-mark="${key}"]`)?.getClientRects();
  const value = container.querySelector(`[data-value="${key}"]`)?.getBoundingClientRect();
  const last = words?.item(words.length - 1);
  if (!last || !value || last.width === 0) return null;
  const origin = container.getBoundingClientRect();
  const [x1, y1] = [last.right - origin.left, last.top + last.height / 2 - origin.top];
  const [x2, y2] = [value.left - origin.left, value.top + 18 - origin.top];
  const bend = Math.max(24, (x2 - x1) / 2);
  return `M ${String(x1)} ${String(y1)} C ${String(x1 + bend)} ${String(y1)}, ${String(x2 - bend)} ${String(y2)}, ${String(x2)} ${String(y2)}`;
}
