import { expect, it } from "vitest";
import { contains, contrast, readableOn } from "./readable";

/** Black on white is 21 to 1 (WCAG 2.2, definition of contrast ratio). */
it("measures contrast as the guidelines do", () => {
  expect(contrast("#000000", "#ffffff")).toBeCloseTo(21, 5);
  expect(contrast("#777777", "#ffffff")).toBeCloseTo(4.48, 2);
});

it("finds an ink of 4.5 to 1 or more for every paper", () => {
  for (let r = 0; r < 256; r += 15)
    for (let g = 0; g < 256; g += 15)
      for (let b = 0; b < 256; b += 15) {
        const paper = "#" + [r, g, b].map((n) => n.toString(16).padStart(2, "0")).join("");
        expect(contrast(readableOn(paper), paper)).toBeGreaterThanOrEqual(4.5);
      }
});

it("knows what lies within a ring", () => {
  const square = [
    [0, 0],
    [2, 0],
    [2, 2],
    [0, 2],
  ];
  expect(contains(square, 1, 1)).toBe(true);
  expect(contains(square, 3, 1)).toBe(false);
});
