/** “a, b or c”. */
export const orList = (items: readonly string[]) =>
  items.length < 2 ? (items[0] ?? 'nothing') : `${items.slice(0, -1).join(', ')} or ${items.at(-1) ?? ''}`;

/** The same, each in quotation marks. */
export const quoted = (items: readonly string[]) => orList(items.map((item) => `“${item}”`));
