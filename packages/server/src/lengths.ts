/** How many letters of what mail says are kept to be shown in lists; the message itself keeps all of it. */
const LONGEST = { subject: 998, name: 255, address: 320, label: 255, words: 1000 } as const;

/** What comes from mail, cut to what a list shows of it. */
export function shortened(value: string, kind: keyof typeof LONGEST): string {
  const letters = LONGEST[kind];
  if (value.length <= letters) return value;
  // No half of a letter is left at the end.
  return `${value.slice(0, letters - 1).replace(/[\uD800-\uDBFF]$/, '')}…`;
}
