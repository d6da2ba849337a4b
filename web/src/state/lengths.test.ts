import { describe, expect, it } from "vitest";
import { lengthText, mmOf, mmText, pretty, snap, unitsOf, withUnit } from "./lengths";

describe("lengths as text", () => {
  it.each([
    [69.85, "2 3/4 in"],
    [25.4, "1 in"],
    [0, "0 in"],
    [-0.79375, "-1/32 in"],
    [-38.1, "-1 1/2 in"],
    [10, "10 mm"],
  ])("%d mm is said in inches only where sixty-fourths say it exactly: %s", (mm, text) => {
    expect(lengthText(mm, "INCH")).toBe(text);
  });

  it("sets fractions as a maker writes them, the whole number apart", () => {
    expect(pretty("5 1/2 in")).toBe("5½ in");
    expect(pretty("9 15/16 in")).toBe("9\u202f15\u204416 in");
    expect(pretty("1/8 in")).toBe("1\u20448 in");
    expect(pretty("120 mm")).toBe("120 mm");
  });

  it("keeps millimetres to more digits than 1/640 mm needs", () => {
    expect(mmText(1 / 640)).toBe("0.0015625 mm");
  });

  it("knows the unit of a text", () => {
    expect([unitsOf("5 cm"), unitsOf("5 mm"), unitsOf("5 in")]).toEqual(["METRIC", "METRIC", "INCH"]);
  });
});

describe("the tool's grid", () => {
  it("takes the nearest mark", () => {
    expect(snap(7.4, 2.5, 0, 100)).toBe(7.5);
  });

  it("stays on a mark inside bounds that are off the grid", () => {
    expect(snap(0, 2.5, 1.1, 9.9)).toBe(2.5);
    expect(snap(20, 2.5, 1.1, 9.9)).toBe(7.5);
  });

  it("takes bounds on the grid in spite of rounding", () => {
    expect(snap(100, 1.5875, 0, 69.85)).toBeCloseTo(69.85, 9);
  });

  it.each([
    ["5 in", 127],
    ["-1 3/4 in", -44.45],
    ["-11/16 in", -17.4625],
    ["36.5 mm", 36.5],
    ["0 in", 0],
  ])("reads %s as the server writes it", (text, mm) => {
    expect(mmOf(text)).toBeCloseTo(mm, 9);
  });

  it("reads nothing else", () => {
    expect(mmOf("wide")).toBeNaN();
  });
});

it("keeps the unit that a bare number was typed in", () => {
  expect(withUnit(" 5 1/2 ", "INCH")).toBe("5 1/2 in");
  expect(withUnit("5½", "INCH")).toBe("5½ in");
  expect(withUnit("138,5", "METRIC")).toBe("138,5 mm");
  expect(withUnit("14 cm", "INCH")).toBe("14 cm");
  expect(withUnit('5"', "METRIC")).toBe('5"');
});
