import { describe, expect, it } from "vitest";
import { readShape, shapeText } from "./shape";

describe("the outline of an ornament", () => {
  it.each([
    "2 x 3 in",
    "circle 1 1/2 in",
    "turned square 1 3/4 in",
    "bird house 2 x 3 in",
    "outline 40 mm: 0,0 4,0 2,3",
    "lower half, border 1/8 in",
    "corner 2 in, upper right, border 1/8 in",
    "mirrored boat 2 x 3 in",
    "band 3/4 in wide, 1 in from upper, border 0 in",
  ])("%s reads and writes the same", (text) => {
    expect(shapeText(readShape(text))).toBe(text);
  });

  it("keeps a drawing's corners apart from its width", () => {
    expect(readShape("outline 2 in: 0,0 4,0 2,3")).toEqual({
      kind: "DRAWN",
      size: "2 in",
      corners: "0,0 4,0 2,3",
    });
  });
});
