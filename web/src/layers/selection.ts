import type { Face } from "../api/types";

/** Keys of the faces that are dressed together, in the order of the card. */
export type Selection = string[];

type Chosen = Pick<Face, "key" | "sort">;

/** A face pointed at: alone, or added to what is chosen and taken off again. */
export const pointed = (selection: Selection, key: string, more: boolean): Selection =>
  more
    ? selection.includes(key)
      ? selection.filter((k) => k !== key)
      : [...selection, key]
    : selection.length === 1 && selection[0] === key
      ? []
      : [key];

const keysOf = (faces: Chosen[]) => faces.map((f) => f.key);

const chosenOf = (faces: Chosen[], selection: Selection) => faces.filter((f) => selection.includes(f.key));

/** All that are called like one that is chosen. */
export const alike = (faces: Chosen[], selection: Selection): Selection => {
  const sorts = new Set(chosenOf(faces, selection).map((f) => f.sort));
  return keysOf(faces.filter((f) => sorts.has(f.sort)));
};

/** Of the chosen ones, or of all where fewer than two are, the second, the fourth and so on. */
export const everySecond = (faces: Chosen[], selection: Selection): Selection =>
  keysOf(among(faces, selection).filter((_, i) => i % 2 === 1));

/** Two are left out, the next two are chosen, and so on. */
export const inPairs = (faces: Chosen[], selection: Selection): Selection =>
  keysOf(among(faces, selection).filter((_, i) => Math.floor(i / 2) % 2 === 1));

const among = (faces: Chosen[], selection: Selection) =>
  selection.length < 2 ? faces : chosenOf(faces, selection);
