/**
 * Changes what one layer has, where the last one given holds for all above: those between are written out first.
 * @example withLayer(["a"], 2, "b") // ["a", "a", "b"]
 */
export function withLayer<T>(given: T[], layer: number, value: T): T[] {
  const last = given.at(-1);
  const filled = [...given];
  while (filled.length < layer) filled.push(last ?? value);
  filled[layer] = value;
  return filled;
}

/** What a layer has: its own, or the last one given. */
export const ofLayer = <T>(given: T[], layer: number): T | undefined => given[layer] ?? given.at(-1);
