import type { Brief, Units } from "../api/types";

/** The brief that a new project begins with, in the maker's units. */
export function startingBrief(units: Units): Brief {
  const metric = units === "METRIC";
  return {
    fold: "z-fold",
    basis: { kind: "ENVELOPE", orientation: "LANDSCAPE" },
    parameters: {},
    sheet: metric ? "a4" : "letter",
    envelope: metric ? "c6" : "a7us",
    baseGsm: 300,
    matGsm: 160,
    tools: metric
      ? { ruler: "1 mm", board: "1 mm", trimmer: "310 mm" }
      : { ruler: "1/16 in", board: "1/16 in", trimmer: "12 in" },
    matting: {
      layers: 1,
      step: metric ? "3 mm" : "1/8 in",
      grid: metric ? "1 mm" : "1/16 in",
      meeting: "RUN_ON",
      byFace: {},
    },
    units,
  };
}
