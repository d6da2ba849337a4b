import { expect, it } from "vitest";
import type { FieldProblem } from "../api/types";
import { startingBrief } from "../projects/starting";
import { mended } from "./mend";

const at = (field: string) => ({ field, value: "", allowed: "", text: "" }) as FieldProblem;
const usual = startingBrief("INCH");

it("takes the usual for what was refused and leaves the rest", () => {
  const odd = { ...usual, fold: "gone", sheet: "a3", parameters: { step: "1 in" } };
  expect(mended(odd, [at("fold")], usual)).toEqual({ ...usual, sheet: "a3", parameters: {} });
  expect(mended(odd, [at("ornaments[2].x"), at("sheet")], usual)).toEqual({
    ...odd,
    ornaments: [],
    sheet: "letter",
  });
  expect(mended(odd, [at("basis.width")], usual)).toEqual(odd);
});

it("changes nothing where no field was named", () => {
  expect(mended({ ...usual, sheet: "a3" }, [], usual)).toEqual({ ...usual, sheet: "a3" });
});
