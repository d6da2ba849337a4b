import { expect, it } from "vitest";
import { dragTarget } from "./drag";
import { score } from "../test/samples";

const handle = { parameter: "front", panel: -1, rate: 2, leastMm: 20, mostMm: 80, held: ["lip"] };

it("keeps a dragged score on the grid and within its bounds", () => {
  const s = score(50, { handle });
  expect(dragTarget(s, 51.2, 5)).toBe(50);
  expect(dragTarget(s, 300, 5)).toBe(80);
  expect(dragTarget(s, -3, 5)).toBe(20);
});

it("does not move a score that nothing moves", () => {
  expect(dragTarget(score(50, { handle: null }), 70, 5)).toBe(50);
});
