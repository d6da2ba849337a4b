import type { Paper } from "../api/types";

/** Says the same for papers that are the same. */
export const lookOf = (p: Paper) =>
  [
    p.name ?? "",
    p.material ?? "PAPER",
    p.stock,
    p.colour.toLowerCase(),
    p.print,
    p.back?.colour.toLowerCase() ?? "",
    p.back?.print ?? "",
  ].join("|");
