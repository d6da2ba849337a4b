import { expect, it } from "vitest";
import type { Folding } from "../api/types";
import { bounds, closeness, moved, movesAt, reach, section, stops } from "./poses";

const still = [1, 0, 0, 0, 1, 0, 0, 0, 1, 0, 0, 0];
const upright = [0, 0, 1, 0, 1, 0, -1, 0, 0, 0, 0, 0];
const square = [
  [0, 0],
  [10, 0],
  [10, 10],
  [0, 10],
];

const folding = (blocked: string | null = null): Folding => ({
  panels: [{ name: "a", layer: 0, points: square, holes: [], clear: false }],
  motions: [
    { from: "flat", to: "closed", frames: [[still], [still], [upright]], blocked: null },
    {
      from: "closed",
      to: "displayed",
      frames: blocked ? [[upright]] : [[upright], [still], [still]],
      blocked,
    },
  ],
  standing: null,
  crossing: null,
});

it("names a stop at each end of every motion", () => {
  expect(stops(folding())).toEqual([
    { name: "flat", at: 0 },
    { name: "closed", at: 1 },
    { name: "displayed", at: 2 },
  ]);
});

it("reaches as far as the frames go", () => {
  expect(reach(folding())).toBe(2);
  expect(reach(folding("stuck"))).toBe(1);
});

it("draws what lies between two frames", () => {
  expect(movesAt(folding(), 0)[0]).toEqual(still);
  expect(movesAt(folding(), 1)[0]).toEqual(upright);
  expect(movesAt(folding(), 0.75)[0]?.[0]).toBeCloseTo(0.5);
  expect(movesAt(folding(), 5)[0]).toEqual(still);
});

it("is closest at the closed stop from either side", () => {
  expect([0, 0.5, 1, 1.5, 2].map((at) => closeness(folding(), at))).toEqual([0, 0.5, 1, 0.5, 0]);
});

it("moves points by rotation and shift", () => {
  expect(moved([...upright.slice(0, 9), 1, 2, 3], 10, 5)).toEqual([1, 7, -7]);
});

it("cuts a panel at a height, seen from above", () => {
  const f = folding();
  expect(section(f, [still], "level", 5)[0]).toEqual([[0, 0, 10, 0]]);
  expect(section(f, [upright], "level", 5)[0]).toEqual([[0, -10, 0, 0]]);
  expect(section(f, [still], "level", 20)[0]).toEqual([]);
});

it("cuts a panel upright, seen from its side", () => {
  expect(section(folding(), [still], "upright", 5)[0]).toEqual([[0, -10, 0, -0]]);
});

it("cuts a panel with a hole into two stretches", () => {
  const f = folding();
  const ring = f.panels.map((p) => ({
    ...p,
    holes: [
      [
        [3, 3],
        [7, 3],
        [7, 7],
        [3, 7],
      ],
    ],
  }));
  expect(section({ ...f, panels: ring }, [still], "level", 5)[0]).toEqual([
    [0, 0, 3, 0],
    [7, 0, 10, 0],
  ]);
});

it("bounds the card over all frames", () => {
  expect(bounds(folding())).toEqual({ least: [0, 0, -10], most: [10, 10, 0] });
});
