import { describe, expect, it } from "vitest";
import { readRow } from "./row";

describe("a row of the postal table", () => {
  it("takes what is typed and leaves out what is not", () => {
    const form = new FormData();
    form.set("service", " Germany ");
    form.set("grams", "20");
    form.set("price", "");
    form.set("aspectLeast", "1.4");
    expect(readRow(form)).toMatchObject({
      service: "Germany",
      grams: 20,
      price: null,
      leastLong: null,
      aspectLeast: 1.4,
      aspectMost: null,
    });
  });
});
