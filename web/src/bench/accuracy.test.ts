import { describe, expect, it } from "vitest";
import { accuracy } from "./accuracy";

describe("how exact a hand is", () => {
  /* 1/64 in is 0.397 mm, 1/32 in 0.794 mm. */
  it("is told in the card's unit", () => {
    expect(accuracy(0.2, "INCH")).toBe("1⁄64 in");
    expect(accuracy(0.4, "INCH")).toBe("1⁄32 in");
    expect(accuracy(0.2, "METRIC")).toBe("0.4 mm");
  });

  it("never tells nothing", () => {
    expect(accuracy(0.02, "INCH")).toBe("1⁄64 in");
    expect(accuracy(0.02, "METRIC")).toBe("0.1 mm");
  });
});
