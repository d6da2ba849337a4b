import { expect, test } from "vitest";
import type { CutPass, SheetCutting } from "../api/types";
import { onMarks } from "../state/lengths";
import { alike, runs, settingsOf, shopping, whence } from "./settings";

const pass = (number: number, newSetting: boolean) => ({ number, newSetting }) as CutPass;
const sheet = (name: string, owned: boolean, together = 1, number = 1) =>
  ({ name, owned, together, number, size: { shown: name }, passes: [] as CutPass[] }) as SheetCutting;

test("cuts at one setting stand together", () => {
  const settings = settingsOf([pass(1, true), pass(2, false), pass(3, true)]);
  expect(settings.map((s) => s.passes.map((p) => p.number))).toEqual([[1, 2], [3]]);
});

test("sheets are counted by where they come from, two at once twice", () => {
  const sheets = [sheet("blue", true), sheet("Letter", false, 2), sheet("Letter", false)];
  expect(whence(sheets)).toBe("1 from the drawer, 3 to buy");
  expect(shopping([{ sheets, name: "sky", stock: "300 gsm", use: "base" }])).toEqual([
    "3 sheets of sky, Letter, 300 gsm (base)",
  ]);
  expect(whence([sheet("blue", true)])).toBe("1 from the drawer");
});

test("a dragged part lies on the maker's marks", () => {
  expect(onMarks(10.4, "METRIC")).toBe(10);
  expect(onMarks(25, "INCH")).toBeCloseTo(25.4, 6);
});

test("sheets alike are said in runs", () => {
  const sheets = [1, 2, 3, 5].map((n) => sheet("Letter", false, 1, n));
  expect(runs(alike(sheet("Letter", false, 1, 4), sheets))).toBe("1 to 3, 5");
  expect(alike(sheet("A4", false, 1, 4), sheets)).toEqual([]);
});
