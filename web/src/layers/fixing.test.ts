import { expect, test } from "vitest";
import type { Ornament } from "../api/types";
import { heldBy, keyOf, wayOf, waysOf } from "./fixing";

const there = { band: true, mat: true, earlier: ["plate"], units: "INCH" as const };
const bare = { glue: "OWN_PANEL", fixing: null } as Ornament;

test("a ribbon goes around what is there, a brad through it, a button is glued", () => {
  const ribbon = waysOf({ ...there, form: "LENGTH", material: "RIBBON" }).map((w) => w.label);
  expect(ribbon).toContain("around the mat, ends taped behind");
  expect(ribbon).toContain("around the plate, tied in a bow");
  const bald = waysOf({ ...there, mat: false, form: "LENGTH", material: "RIBBON" });
  expect(bald.map((w) => w.label)).not.toContain("around the mat, ends taped behind");
  expect(waysOf({ ...there, form: "READY", material: "BRAD" }).map((w) => w.value)).toContain(
    "through the panel",
  );
  expect(waysOf({ ...there, form: "READY", material: "BUTTON" })).toHaveLength(2);
});

test("each way is found again once it is chosen", () => {
  for (const way of waysOf({ ...there, form: "LENGTH", material: "RIBBON" }))
    expect(wayOf({ ...bare, ...heldBy(way) })).toBe(keyOf(way));
  for (const way of waysOf({ ...there, band: false, form: "LENGTH", material: "TWINE" }))
    expect(wayOf({ ...bare, ...heldBy(way) })).toBe(keyOf(way));
});
