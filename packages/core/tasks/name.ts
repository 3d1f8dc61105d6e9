/** Names of projects, people, fields and the like are compared in any case. */
export const nameKey = (name: string) => name.trim().toLowerCase();
/** A label of a line or a column: blanks of any kind and a last dot or bracket do not matter either. */
export const labelKey = (label: string) => nameKey(label.replace(/\s+/g, ' ')).replace(/[\s.:;?*)\]]+$/, '');
export const sameName = (a: string, b: string) => nameKey(a) === nameKey(b);
