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

/** Pieces that are called alike together, in the order of the card. */
export function bySort<T extends { sort: string }>(pieces: T[]): T[][] {
  const sorts = new Map<string, T[]>();
  for (const piece of pieces) sorts.set(piece.sort, [...(sorts.get(piece.sort) ?? []), piece]);
  return [...sorts.values()];
}

/** The papers of single pieces, these pieces' changed; without one they are as the base again. */
export function withPieces<T>(
  own: Record<string, T>,
  pieces: string[],
  paper: T | null,
): Record<string, T> | null {
  const changed = Object.fromEntries(Object.entries(own).filter(([piece]) => !pieces.includes(piece)));
  if (paper !== null) for (const piece of pieces) changed[piece] = paper;
  return Object.keys(changed).length > 0 ? changed : null;
}
