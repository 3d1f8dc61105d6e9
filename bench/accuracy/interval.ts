/** A share in per cent with its 95 % interval (E. B. Wilson, 1927). */
export function share(hits: number, n: number): string {
  const z = 1.96;
  const p = hits / n;
  const middle = (p + (z * z) / (2 * n)) / (1 + (z * z) / n);
  const half = (z * Math.sqrt((p * (1 - p)) / n + (z * z) / (4 * n * n))) / (1 + (z * z) / n);
  const percent = (x: number) => (100 * x).toFixed(1);
  return `${percent(p)} % (${hits} of ${n}; ${percent(middle - half)} to ${percent(middle + half)})`;
}
