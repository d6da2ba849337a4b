import { describe, expect, it } from "vitest";
import type { Panel, PlacedOrnament } from "../api/types";
import { lookedAt, onFace, placeOf } from "./place";

const panel = {
  points: [
    [100, 10],
    [160, 10],
    [160, 90],
    [100, 90],
  ],
} as Panel;

const ornament = (side: "FACE" | "BACK") =>
  ({
    side,
    points: [
      [110, 20],
      [130, 20],
      [130, 50],
    ],
  }) as PlacedOrnament;

describe("a place on a panel", () => {
  it("counts from the left and lower edge", () => {
    expect(placeOf(ornament("FACE"), panel)).toEqual({ x: 10, y: 10 });
  });

  it("counts from the other edge on the panel's back, as one looks at it", () => {
    expect(placeOf(ornament("BACK"), panel)).toEqual({ x: 30, y: 10 });
    expect(onFace(panel, "BACK")([160, 10])).toEqual([0, 0]);
  });

  it("moves a drawing to where its corners are seen", () => {
    for (const side of ["FACE", "BACK"] as const) {
      const [, x, y, mirror] =
        /translate\((\S+) (\S+)\) scale\((\S+) 1\)/.exec(lookedAt(panel, side, 80)) ?? [];
      const [seen, up] = onFace(panel, side)([110, 20]);
      expect([Number(x) + Number(mirror) * 110, Number(y) - 20]).toEqual([seen, 80 - up]);
    }
  });
});
