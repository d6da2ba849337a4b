import { expect, it } from "vitest";
import { fileName } from "./unsaved";

it("names files as every system takes them", () => {
  expect(fileName("Comet night: A5/C5?")).toBe("Comet night A5 C5.json");
  expect(fileName("星 🌠")).toBe("星.json");
  expect(fileName("///")).toBe("card.json");
});
