import { expect, it } from "vitest";
import type { Ornament } from "../api/types";
import {
  groupOf,
  isLaidByOthers,
  linedUp,
  mirrored,
  pasted,
  renamed,
  spaced,
  withCopy,
  withMirrorImage,
} from "./ornaments";
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

const onPlate = {
  across: { from: "NEAR" as const, of: "plate" },
  up: { from: "MIDDLE" as const, of: "plate" },
};
const plate = { ...named("plate"), face: "front/face", outline: "2 x 2 in", x: "1/2 in" } as Ornament;
const boat = {
  ...named("boat"),
  ...onPlate,
  face: "front/face",
  outline: "boat 1 x 1 in",
  x: "1/8 in",
} as Ornament;
const star = { ...named("star"), face: "front/face", outline: "circle 1 in" } as Ornament;

it("takes what is laid by one with it, onto another face too, under names of their own", () => {
  const all = [plate, star, boat];
  expect(groupOf(all, "plate").map((o) => o.name)).toEqual(["plate", "boat"]);
  const more = pasted(all, groupOf(all, "plate"), "back/face").slice(3);
  expect(more.map((o) => [o.name, o.face])).toEqual([
    ["plate 2", "back/face"],
    ["boat 2", "back/face"],
  ]);
  expect(more[1]?.across).toEqual({ from: "NEAR", of: "plate 2" });
  const alone = pasted(all, groupOf(all, "boat"), "back/face")[3];
  expect([alone?.across, alone?.up]).toEqual([null, null]);
});

it("is itself again when it is mirrored twice", () => {
  const once = mirrored([plate, boat], "plate");
  expect(once[0]).toEqual(plate);
  expect(once[1]).toMatchObject({
    outline: "mirrored boat 1 x 1 in",
    across: { from: "FAR", of: "plate" },
    x: "1/8 in",
  });
  expect(mirrored(once, "plate")[1]).toEqual(boat);
});

it("lays the mirror image as far from the other edge", () => {
  const image = withMirrorImage([plate, boat], "plate");
  expect(image[2]).toMatchObject({ name: "plate 2", across: { from: "FAR" }, x: "1/2 in" });
  expect(image[3]).toMatchObject({ name: "boat 2", across: { from: "FAR", of: "plate 2" } });
  const middle = { ...star, across: { from: "MIDDLE" as const }, x: "1/4 in" } as Ornament;
  expect(withMirrorImage([middle], "star")[1]).toMatchObject({ across: { from: "MIDDLE" }, x: "-1/4 in" });
});

it("lines up by the first, so that it stays so", () => {
  const lined = linedUp([plate, star], ["star", "plate"], "bottom", "0 in");
  expect(lined[0]).toBe(plate);
  expect(lined[1]).toMatchObject({ up: { from: "NEAR", of: "plate" }, y: "0 in", across: star.across });
});

it("leaves even gaps between the outermost", () => {
  const extents = [
    { name: "a", from: 0, size: 10 },
    { name: "c", from: 90, size: 10 },
    { name: "b", from: 12, size: 20 },
  ];
  const [a, b, c] = spaced([named("a"), named("b"), named("c")], extents, "across", (mm) => `${mm} mm`);
  expect([a?.x, b?.x, c?.x]).toEqual(["0 in", "40 mm", "0 in"]);
});
