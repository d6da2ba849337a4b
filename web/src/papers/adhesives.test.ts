import { expect, it } from "vitest";
import { freshAdhesive, inWords, toggled } from "./adhesives";

it("adds one under a name of its own", () => {
  const first = freshAdhesive([]);
  const second = freshAdhesive([first]);
  expect([first.name, second.name]).toEqual(["adhesive 1", "adhesive 2"]);
  expect(second.key).not.toBe(first.key);
});

it("ticks and unticks", () => {
  expect(toggled(["a", "b"], "b")).toEqual(["a"]);
  expect(toggled(["a"], "b")).toEqual(["a", "b"]);
});

it("is said in a line", () => {
  const glue = { ...freshAdhesive([]), uses: ["LINE_UP" as const], minutes: 20 };
  expect(inWords(glue)).toBe("for lining up edges; dry after 20 min");
  expect(inWords(freshAdhesive([]))).toBe("");
});
