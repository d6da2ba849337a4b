import { expect, it } from "vitest";
import type { Folding } from "../api/types";
import { drawn, seen, viewBox } from "./projection";

const still = [1, 0, 0, 0, 1, 0, 0, 0, 1, 0, 0, 0];
const nearer = [1, 0, 0, 0, 1, 0, 0, 0, 1, 0, 0, 50];
const turnedOver = [-1, 0, 0, 0, 1, 0, 0, 0, -1, 0, 0, 0];
const square = [
  [0, 0],
  [10, 0],
  [10, 10],
  [0, 10],
];
const folding = (...moves: number[][]): Folding => ({
  panels: moves.map((_, i) => ({
    name: String(i),
    layer: 0,
    points: square,
    holes: [],
    clear: false,
  })),
  motions: [{ from: "flat", to: "closed", frames: [moves, moves], blocked: null }],
  standing: null,
  crossing: null,
});

it("draws what is nearer later", () => {
  expect(drawn(folding(nearer, still), 0).map((d) => d.name)).toEqual(["1", "0"]);
});

it("knows which side shows", () => {
  expect(drawn(folding(still), 0)[0]?.showsFace).toBe(true);
  expect(drawn(folding(turnedOver), 0)[0]?.showsFace).toBe(false);
});

it("keeps up upward and near near", () => {
  expect(seen([0, 10, 0])[1]).toBeLessThan(0);
  expect(seen([0, 0, 10])[2]).toBeGreaterThan(0);
});

it("holds every frame in its view", () => {
  const [x = 0, y = 0, w = 0, h = 0] = viewBox(folding(still)).split(" ").map(Number);
  for (const d of drawn(folding(still), 1)) {
    for (const [px, py] of d.points) {
      expect(px >= x && px <= x + w && py >= y && py <= y + h).toBe(true);
    }
  }
});
