const KEY = 'hatband.lastVisit';
const TICK_MS = 60_000;

let before: string | null | undefined;

/** When this browser showed the page before it was opened now, as an ISO instant; null at first. */
export function lastVisit(): string | null {
  if (before !== undefined) return before;
  before = localStorage.getItem(KEY);
  const note = () => {
    if (!document.hidden) localStorage.setItem(KEY, new Date().toISOString());
  };
  note();
  setInterval(note, TICK_MS);
  return before;
}
