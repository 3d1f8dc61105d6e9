import { useEffect, useEffectEvent } from 'react';

type Keys = Readonly<Record<string, () => void>>;

const WRITING = 'input, textarea, select, [contenteditable], .ant-select, .ant-popover, .ant-picker';

/** Keys of the whole screen, which are off where one writes or where something small is open. */
export function useKeys(keys: Keys): void {
  const onKey = useEffectEvent((event: KeyboardEvent) => {
    if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey) return;
    if (event.target instanceof HTMLElement && event.target.closest(WRITING)) return;
    const work = keys[event.key];
    if (!work) return;
    event.preventDefault();
    work();
  });
  useEffect(() => {
    window.addEventListener('keydown', onKey);
    return () => {
      window.removeEventListener('keydown', onKey);
    };
  }, []);
}
