const folded = new Map<string, string>();

/**
 * Lower case, without accents, with one kind of quote, dash and blank: the same words however they were typed. The
 * length stays the same, so that places in the folded text are places in the text.
 */
export function fold(text: string): string {
  // Most text needs only the first of the three.
  if (/^[\n\x20-\x7e]*$/.test(text)) return text.toLowerCase();
  return text.replace(/[^\n\x20-@[-_a-\x7e]/g, foldUnit);
}

function foldUnit(unit: string): string {
  const known = folded.get(unit);
  if (known !== undefined) return known;
  const plain = plainUnit(unit);
  if (folded.size < 20_000) folded.set(unit, plain);
  return plain;
}

function plainUnit(unit: string): string {
  if (/[‘’´`ʼ]/.test(unit)) return "'";
  if (/[“”„«»]/.test(unit)) return '"';
  if (/[‐‑‒–—―]/.test(unit)) return '-';
  if (unit !== '\n' && /\s/.test(unit)) return ' ';
  const bare = unit.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();
  return bare.length === 1 ? bare : unit;
}
