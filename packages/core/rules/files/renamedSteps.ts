/** Names of tidy steps in older files of rules, and what they are called now. */
const RENAMED: Readonly<Record<string, string>> = { 'take off': 'remove' };

/** JSON of rules as older versions of Hatband wrote it, with the names of today. */
export function withNamesOfToday(json: unknown): unknown {
  if (Array.isArray(json)) return json.map(withNamesOfToday);
  if (json === null || typeof json !== 'object') return json;
  return Object.fromEntries(
    Object.entries(json).map(([key, value]: [string, unknown]) => [
      key,
      key === 'do' && typeof value === 'string' ? (RENAMED[value] ?? value) : withNamesOfToday(value),
    ]),
  );
}
