import { expect, it } from "vitest";
import type { Brief, Paper, Plan } from "../api/types";
import { freshName, paletteOf, rolesOf, withPaper } from "./palette";

const white: Paper = { stock: "300 gsm", colour: "#ffffff", print: "PLAIN" };
const sky: Paper = { stock: "160 gsm", colour: "#88aadd", print: "PLAIN", name: "sky" };
const brief = {
  base: white,
  piecePapers: { "bar 1": sky, "bar 2": sky, "bar of another fold": sky },
  matting: { papers: [sky, white, sky], papersByFace: { "front/face": [white] }, byFace: {} },
  ornaments: [{ name: "kite", paper: sky }],
} as unknown as Brief;
const plan = {
  brief,
  parts: ["base", "bar 1", "bar 2"].map((name) => ({ kind: "PIECE", name, sort: name.replace(/ \d/, "") })),
  faces: [{ key: "front/face", name: "front", sort: "front", layers: 1 }],
  papers: [
    { paper: { ...white, name: null, material: null }, called: "white card" },
    { paper: sky, called: "sky" },
  ],
} as unknown as Plan;

it("lists each paper once, with what is cut from it", () => {
  expect(paletteOf(plan).map((u) => [u.called, rolesOf(u.places)])).toEqual([
    ["white card", "the base and front"],
    ["sky", "2 × bar, layer 1 and the kite"],
  ]);
});

it("changes a paper wherever it lies, and nothing else", () => {
  const [, used] = paletteOf(plan);
  const dusk = { ...sky, colour: "#445566" };
  const changed = withPaper(brief, used?.places ?? [], dusk);
  expect(changed.piecePapers).toEqual({ "bar 1": dusk, "bar 2": dusk, "bar of another fold": sky });
  expect(changed.matting.papers).toEqual([dusk, white, sky]);
  expect(changed.ornaments[0]?.paper).toEqual(dusk);
  expect(changed.base).toBe(white);
  expect(brief.ornaments[0]?.paper).toBe(sky);
});

it("finds a name that no paper has", () => {
  expect(freshName([{ called: "sky" }])).toBe("paper 1");
  expect(freshName([{ called: "paper 1" }, { called: "paper 2" }])).toBe("paper 3");
});
