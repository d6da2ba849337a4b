import { expect, it } from "vitest";
import type { ParameterValue } from "../api/types";
import { dragged, dragTarget } from "./drag";
import { brief, piece, plan, score } from "../test/samples";

const handle = { parameter: "front", panel: -1, rate: 2, leastMm: 20, mostMm: 80, held: ["lip"] };

it("keeps a dragged score on the grid and within its bounds", () => {
  const s = score(50, { handle });
  expect(dragTarget(s, 51.2, 5)).toBe(50);
  expect(dragTarget(s, 300, 5)).toBe(80);
  expect(dragTarget(s, -3, 5)).toBe(20);
});

it("does not move a score that nothing moves", () => {
  expect(dragTarget(score(50, { handle: null }), 70, 5)).toBe(50);
});

it("changes the parameter by the drag divided by its rate and holds what would follow it", () => {
  const front = { key: "front", value: "1 in", mm: 25.4 } as ParameterValue;
  const lip = { key: "lip", value: "3/4 in", mm: 19.05 } as ParameterValue;
  const gap = { key: "gap", value: "1/8 in", mm: 3.175 } as ParameterValue;
  const p = plan({ parameters: [front, lip, gap] });
  const moved = dragged(p, piece([50.8, 50.8], []), score(50.8, { handle }), 50.8 + 25.4);
  expect(moved.parameters).toEqual({ front: "1 1/2 in", lip: "3/4 in" });
});

it("lets a panel grow and its right neighbour shrink, whatever order the scores come in", () => {
  const scores = [score(100, { id: "score 2", fold: "VALLEY" }), score(40)];
  const p = plan({ brief: brief({ units: "METRIC", parameters: { panels: "?" } }) });
  const between = score(40, { handle: { ...handle, parameter: "panels", panel: 0, rate: 1 } });
  const moved = dragged(p, piece([40, 60, 80], scores), between, 45);
  expect(moved.parameters).toEqual({ panels: "45 mm M 55 mm V 80 mm" });
  expect(moved.basis).toEqual({ kind: "CLOSED", height: "100 mm" });
});
