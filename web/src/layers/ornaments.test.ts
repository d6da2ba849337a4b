import { expect, it } from "vitest";
import type { Ornament } from "../api/types";
import { isLaidByOthers, renamed, withCopy } from "./ornaments";
import { swapped } from "../parts/order";

const named = (name: string, of?: string): Ornament =>
  ({ name, x: "0 in", y: "0 in", across: of ? { from: "MIDDLE", of } : null }) as Ornament;

it("copies one under a name of its own", () => {
  const names = withCopy([named("leaf"), named("leaf 2")], 0).map((o) => o.name);
  expect(names).toEqual(["leaf", "leaf 3", "leaf 2"]);
});

it("changes the order", () => {
  const three = [named("a"), named("b"), named("c")];
  expect(swapped(three, 1).map((o) => o.name)).toEqual(["a", "c", "b"]);
  expect(swapped(three, 2)).toBe(three);
});

it("keeps what is laid by one that gets another name", () => {
  const [plate, words] = renamed([named("plate"), named("words", "plate")], 0, "tray");
  expect(plate?.name).toBe("tray");
  expect(words?.across).toEqual({ from: "MIDDLE", of: "tray" });
});

it("is built off the card where others tell its place both ways", () => {
  const of = { from: "MIDDLE" as const, of: "plate" };
  expect(isLaidByOthers({ across: of, up: of })).toBe(true);
  expect(isLaidByOthers({ across: of, up: null })).toBe(false);
  expect(isLaidByOthers({ across: of, up: { from: "MIDDLE" } })).toBe(false);
});
