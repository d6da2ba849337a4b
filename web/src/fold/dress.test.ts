import { expect, it } from "vitest";
import type { Mat, PlacedOrnament } from "../api/types";
import { dressOf } from "./dress";

const paper = (colour: string) => ({ stock: "160 gsm", colour, print: "PLAIN" as const });

it("lays mats over the panel and toppers over the mats, as high as foam holds them", () => {
  const mat = (layer: number) =>
    ({
      face: "front/face",
      panel: "front",
      side: "FACE",
      layer,
      paper: paper("#222222"),
      up: 0,
      points: [],
      holes: [],
    }) as unknown as Mat;
  const topper = {
    name: "moon",
    face: "front/face",
    panel: "front",
    side: "FACE",
    points: [],
    lift: { mm: 2 },
  } as unknown as PlacedOrnament;
  const dress = dressOf(
    {
      brief: { base: paper("#ffffff"), ornaments: [{ name: "moon", paper: paper("#dddd00") }] as never },
      mats: [mat(1), mat(2)],
      ornaments: [topper],
      pieces: [{ panels: [{ name: "front" }, { name: "back" }] }, { panels: [{ name: "bar" }] }],
      baseAt: { x: 10, y: 20 },
    },
    { id: "p", width: 300, height: 200, x: 1, y: 2 } as never,
  );
  expect(dress.photo).toEqual({ id: "p", width: 300, height: 200, x: 11, y: 22, panels: ["front", "back"] });
  const high = dress.sheets.map((s) => s.high);
  expect([...high].sort((a, b) => a - b)).toEqual(high);
  expect(high[2]).toBeGreaterThan(2);
  expect(dress.sheets[2]?.paper.colour).toBe("#dddd00");
});
