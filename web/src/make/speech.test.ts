import { expect, it } from "vitest";
import { spoken } from "./speech";

it.each([
  ["Cut the base to 8½ × 5½ in.", "Cut the base to 8 and 1/2 by 5 and 1/2 inches."],
  ["score at 2\u202f1⁄8 in from the left end", "score at 2 and 1/8 inches from the left end"],
  ["¼ in and 7⁄16 in", "1/4 inches and 7/16 inches"],
  ["≈43.5 × 12 mm", "about 43.5 by 12 millimetres"],
  ["in the middle, in 12 parts", "in the middle, in 12 parts"],
])("says %s as %s", (written, said) => {
  expect(spoken(written)).toBe(said);
});
