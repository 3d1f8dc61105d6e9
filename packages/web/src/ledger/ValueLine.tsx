import { useLayoutEffect, useRef, type RefObject } from 'react';
import { hueOf } from '../shared/page/hues.ts';
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
  const path = useRef<SVGPathElement>(null);
  useLayoutEffect(() => {
    const line = pointed && container.current ? pathBetween(container.current, keyOf(pointed)) : '';
    path.current?.setAttribute('d', line);
  }, [container, pointed]);
  return (
    <svg className={css.line} aria-hidden="true">
      <path ref={path} fill="none" stroke={pointed ? hueOf(pointed.field) : 'none'} strokeWidth="1.5" />
    </svg>
  );
}

/** From the end of the words to the value; empty where the value has no words in the message. */
function pathBetween(container: HTMLElement, key: string): string {
  const words = container.querySelector(`[data-mark="${CSS.escape(key)}"]`)?.getClientRects();
  const value = container.querySelector(`[data-value="${CSS.escape(key)}"]`)?.getBoundingClientRect();
  const last = words?.item(words.length - 1);
  if (!last || !value || last.width === 0) return '';
  const origin = container.getBoundingClientRect();
  const from = { x: last.right - origin.left, y: last.top + last.height / 2 - origin.top };
  const to = { x: value.left - origin.left, y: value.top + 18 - origin.top };
  const bend = Math.max(24, (to.x - from.x) / 2);
  return `M ${from.x} ${from.y} C ${from.x + bend} ${from.y}, ${to.x - bend} ${to.y}, ${to.x} ${to.y}`;
}
