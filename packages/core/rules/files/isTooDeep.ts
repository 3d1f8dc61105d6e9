/** No rule and no form of ours comes near; a schema would run out of stack. */
const DEEPEST = 60;

/** Whether JSON is nested deeper than anything that Hatband writes. */
export const isTooDeep = (value: unknown): boolean => isDeeper(value, DEEPEST);

function isDeeper(value: unknown, levels: number): boolean {
  if (typeof value !== 'object' || value === null) return false;
  return levels === 0 || Object.values(value).some((each) => isDeeper(each, levels - 1));
}
