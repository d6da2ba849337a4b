import { expect, it } from "vitest";
import type { Mat, PlacedOrnament } from "../api/types";
import { dressOf, onPhoto, type Sheet } from "./dress";

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
      brief: {
        base: paper("#ffffff"),
        piecePapers: { bar: paper("#333333") },
        ornaments: [{ name: "moon", paper: paper("#dddd00") }] as never,
      },
      mats: [mat(1), mat(2)],
      ornaments: [topper],
      pieces: [
        { name: "base", panels: [{ name: "front" }, { name: "back" }] },
        { name: "bar", panels: [{ name: "bar" }] },
      ],
      papers: [{ paper: paper("#333333"), behind: { colour: "#444444" } }],
      baseAt: { x: 10, y: 20 },
    },
    ({ colour }) =>
      colour === "#222222" ? null : ({ id: "p", width: 300, height: 200, x: 1, y: 2 } as never),
  );
  expect(dress.photo).toEqual({ id: "p", width: 300, height: 200, x: 11, y: 22, panels: ["front", "back"] });
  const high = dress.sheets.map((s) => s.high);
  expect([...high].sort((a, b) => a - b)).toEqual(high);
  expect(high[2]).toBeGreaterThan(2);
  expect(dress.sheets.map((s) => s.photo?.id)).toEqual([undefined, undefined, "p"]);
  expect(dress.sheets[2]?.paper.colour).toBe("#dddd00");
  expect(dress.base).toEqual({ face: "#ffffff", back: "#ffffff" });
  expect([...dress.papers]).toEqual([["bar", { face: "#333333", back: "#444444" }]]);
});

/** A mat of 40 by 20 mm on a photograph of 200 by 100 mm: whichever way it is turned, its corners lie in the sheet's corner. */
it.each([
  ["FACE", 0, [60, 30], [0.2, 0.2]],
  ["FACE", 90, [20, 30], [0.1, 0.4]],
  ["FACE", 180, [20, 10], [0.2, 0.2]],
  ["BACK", 0, [20, 30], [0.2, 0.2]],
] as const)("lays a %s turned by %d degrees on its sheet's photograph", (side, up, corner, place) => {
  const points = [
    [20, 10],
    [60, 10],
    [60, 30],
    [20, 30],
  ];
  const sheet = { points, side, up } as unknown as Sheet;
  const [a, b, x, c, d, y] = onPhoto(sheet, { id: "p", width: 200, height: 100, x: 0, y: 0 });
  expect(a * corner[0] + b * corner[1] + x).toBeCloseTo(place[0]);
  expect(c * corner[0] + d * corner[1] + y).toBeCloseTo(place[1]);
  const along = points.map(([px = 0, py = 0]) => a * px + b * py + x);
  expect(Math.min(...along)).toBeCloseTo(0);
});
