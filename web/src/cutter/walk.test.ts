import { expect, it } from "vitest";
import type { CutterRun } from "../api/types";
import { begin, lasting, momentAt } from "./walk";

const run = {
  machine: { lift: 0.5 },
  legs: [
    {
      stroke: -1,
      points: [
        [0, 0],
        [30, 40],
      ],
      seconds: 0.5,
    },
    {
      stroke: 0,
      points: [
        [30, 40],
        [50, 40],
      ],
      seconds: 3,
    },
    {
      stroke: -1,
      points: [
        [50, 40],
        [0, 0],
      ],
      seconds: 1,
    },
  ],
} as unknown as CutterRun;

it("is where a hand reckons it", () => {
  expect(momentAt(run, 0.25)).toMatchObject({ leg: 0, head: [15, 20], down: false });
  expect(momentAt(run, 0.75)).toMatchObject({ leg: 1, head: [30, 40], down: false });
  expect(momentAt(run, 2)).toMatchObject({ leg: 1, head: [40, 40], down: true });
  expect(momentAt(run, 9)).toMatchObject({ leg: 3, head: [0, 0] });
});

it("takes the beginning of a line", () => {
  expect(
    begin(
      [
        [0, 0],
        [10, 0],
        [10, 10],
      ],
      15,
    ),
  ).toEqual([
    [0, 0],
    [10, 0],
    [10, 5],
  ]);
  expect([lasting(59.4), lasting(125)]).toEqual(["59 s", "2 min 5 s"]);
});
