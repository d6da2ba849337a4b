import { expect, test } from "vitest";
import type { Plan } from "../api/types";
import { panelsOf } from "./panels";

test("panels of all pieces follow each other", () => {
  const pieces = [{ panels: [{ id: "base/back" }, { id: "base/front" }] }, { panels: [{ id: "bar/bar" }] }];
  expect(panelsOf({ pieces } as Plan).map((p) => p.id)).toEqual(["base/back", "base/front", "bar/bar"]);
});
