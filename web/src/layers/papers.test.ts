import { describe, expect, it } from "vitest";
import { ofLayer, withLayer } from "./papers";

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
