import { describe, expect, it } from "vitest";
import { bySort, ofLayer, withLayer, withPieces } from "./papers";

describe("what the layers have", () => {
  it("holds for all above unless said", () => {
    expect(ofLayer(["a", "b"], 0)).toBe("a");
    expect(ofLayer(["a", "b"], 2)).toBe("b");
    expect(ofLayer([], 0)).toBeUndefined();
  });

  it("is changed in one layer only", () => {
    expect(withLayer(["a", "b", "c"], 1, "x")).toEqual(["a", "x", "c"]);
    expect(withLayer(["a"], 2, "x")).toEqual(["a", "a", "x"]);
    expect(withLayer([], 1, "x")).toEqual(["x", "x"]);
  });
});

it("changes the papers of some pieces and leaves the others", () => {
  expect(withPieces({ a: 1, b: 2 }, ["b", "c"], 3)).toEqual({ a: 1, b: 3, c: 3 });
  expect(withPieces({ a: 1, b: 2 }, ["b"], null)).toEqual({ a: 1 });
  expect(withPieces({ a: 1 }, ["a"], null)).toBeNull();
});

it("puts pieces of one sort together", () => {
  const [a, b, c] = [{ sort: "strip" }, { sort: "base" }, { sort: "strip" }];
  expect(bySort([a, b, c])).toEqual([[a, c], [b]]);
});
