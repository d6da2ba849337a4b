import type { Score } from "../api/types";
import { snap } from "./lengths";

/** Where a dragged score comes to lie: on the tool's grid and within its handle's bounds, in mm. */
export function dragTarget(score: Score, toMm: number, gridMm: number): number {
  const handle = score.handle;
  return handle ? snap(toMm, gridMm, handle.leastMm, handle.mostMm) : (score.fromStart?.mm ?? toMm);
}
