import { expect, test } from "vitest";
import type { Plan } from "../api/types";
import { panelsOf } from "./panels";

test("panels of all pieces follow each other", () => {
  const pieces = [{ panels: [{ name: "back" }, { name: "front" }] }, { panels: [{ name: "bar" }] }];
  expect(panelsOf({ pieces } as Plan).map((p) => p.name)).toEqual(["back", "front", "bar"]);
});
