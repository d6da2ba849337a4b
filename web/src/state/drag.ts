import type { Brief, Piece, Plan, Score } from "../api/types";
import { lengthText, mmText, snap } from "./lengths";

/** Where a dragged score comes to lie: on the tool's grid and within its handle's bounds, in mm. */
export function dragTarget(score: Score, toMm: number, gridMm: number): number {
  const handle = score.handle;
  return handle ? snap(toMm, gridMm, handle.leastMm, handle.mostMm) : (score.fromStart?.mm ?? toMm);
}

/**
 * The brief in which that score lies there: the parameter behind it is changed by what the handle says, and usual values
 * that would follow it are kept as they are.
 */
export function dragged(plan: Plan, piece: Piece, score: Score, toMm: number): Brief {
  const { handle, fromStart } = score;
  const brief = plan.brief;
  if (!handle || !fromStart) return brief;
  const change = toMm - fromStart.mm;
  if (handle.panel < 0) {
    const value = plan.parameters.find((p) => p.key === handle.parameter)?.mm ?? 0;
    const moved = lengthText(value + change / handle.rate, brief.units);
    const held = plan.parameters.filter((p) => handle.held.includes(p.key)).map((p) => [p.key, p.value]);
    return {
      ...brief,
      parameters: { ...brief.parameters, ...Object.fromEntries(held), [handle.parameter]: moved },
    };
  }
  return withPanels(plan, piece, handle.parameter, (widths) =>
    widths.map((w, i) => (i === handle.panel ? w + change : i === handle.panel + 1 ? w - change : w)),
  );
}

/** A list of panels taken as it is drawn and changed; the card then closes as its panels say. */
export function withPanels(
  plan: Plan,
  piece: Piece,
  parameter: string,
  change: (widthsMm: number[]) => number[],
): Brief {
  const brief = plan.brief;
  const widths = change(piece.panels.map((p) => p.size.width.mm));
  const signs = [...piece.scores].sort((a, b) => (a.fromStart?.mm ?? 0) - (b.fromStart?.mm ?? 0));
  const text = widths
    .map((w, i) => {
      const sign = signs[i];
      return mmOrInch(w, brief) + (sign ? (sign.fold === "MOUNTAIN" ? " M " : " V ") : "");
    })
    .join("");
  return {
    ...brief,
    parameters: { ...brief.parameters, [parameter]: text },
    basis: { kind: "CLOSED", height: mmOrInch(piece.size.height.mm, brief) },
  };
}

const mmOrInch = (mm: number, brief: Brief) => (brief.units === "INCH" ? lengthText(mm, "INCH") : mmText(mm));
