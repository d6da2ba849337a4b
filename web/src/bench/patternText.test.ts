import { expect, it } from "vitest";
import { asRows, asText, linesOf } from "./patternText";

const TEXT = "outline 0,0 4,0 4,3 0,3; mountain 2,0 1.5,1 2,3; slit 1,1 1,2 in";

it("edits a pattern row by row and sends it as it was", () => {
  expect(asRows(TEXT)).toBe("outline 0,0 4,0 4,3 0,3\nmountain 2,0 1.5,1 2,3\nslit 1,1 1,2\nin");
  expect(asText(asRows(TEXT))).toBe(TEXT);
});

it("takes rows as they are typed, blank ones left out", () => {
  expect(asText(" outline 0,0 1,0 1,1 \n\n valley 0,0 1,1\n")).toBe("outline 0,0 1,0 1,1; valley 0,0 1,1");
});

it("counts what is done within the outline", () => {
  expect(linesOf(TEXT)).toBe("2 lines");
  expect(linesOf("outline 0,0 1,0 1,1; valley 0,0 1,1 mm")).toBe("1 line");
});
