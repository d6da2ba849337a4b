import { describe, expect, it } from "vitest";
import { finishText, finishWords, readFinish } from "./finish";

describe("a finish", () => {
  it.each([
    "0",
    "2",
    "ground + 1",
    "0 + note",
    "ground + 3 + note + strip 3/4 in low + turned",
    "2 + column + borders 0 in, 1/16 in",
  ])("%s reads and writes the same", (text) => {
    expect(finishText(readFinish(text))).toBe(text);
  });

  it("may leave out the number of mats", () => {
    expect(readFinish("note")).toMatchObject({ mats: 0, note: true, strip: null });
  });

  it("is said in plain words", () => {
    expect(finishWords(readFinish("0"))).toBe("nothing");
    expect(finishWords(readFinish("ground + 1 + strip 20 mm high + turned"))).toBe(
      "a ground, 1 mat, a strip, turned",
    );
  });
});
