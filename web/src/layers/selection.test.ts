import { expect, it } from "vitest";
import { alike, everySecond, inPairs, pointed } from "./selection";

const faces = ["a1", "a2", "b1", "a3", "a4", "b2", "a5", "a6"].map((key) => ({ key, sort: key.slice(0, 1) }));
const all = faces.map((f) => f.key);

it("chooses one alone, or adds it and takes it off again", () => {
  expect(pointed([], "a1", false)).toEqual(["a1"]);
  expect(pointed(["a1", "b1"], "a1", false)).toEqual(["a1"]);
  expect(pointed(["a1"], "a1", false)).toEqual([]);
  expect(pointed(["a1"], "b1", true)).toEqual(["a1", "b1"]);
  expect(pointed(["a1", "b1"], "a1", true)).toEqual(["b1"]);
});

it("chooses all that are called alike", () => {
  expect(alike(faces, ["b1"])).toEqual(["b1", "b2"]);
  expect(alike(faces, ["b1", "a3"])).toEqual(all);
});

it("chooses every second of the chosen ones, or of all", () => {
  expect(everySecond(faces, [])).toEqual(["a2", "a3", "b2", "a6"]);
  expect(everySecond(faces, ["a1", "a2", "a3", "a4"])).toEqual(["a2", "a4"]);
});

it("chooses in pairs", () => {
  expect(inPairs(faces, all)).toEqual(["b1", "a3", "a5", "a6"]);
});
