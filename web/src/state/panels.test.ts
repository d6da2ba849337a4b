import { expect, test } from "vitest";
import type { Plan } from "../api/types";
import { panelsOf } from "./panels";

test("panels of all pieces follow each other", () => {
  const pieces = [{ panels: [{ id: "back" }, { id: "front" }] }, { panels: [{ id: "bar" }] }];
  expect(panelsOf({ pieces } as Plan).map((p) => p.id)).toEqual(["back", "front", "bar"]);
});
