import type { Brief, Units } from "../api/types";

/**
 * The brief that a new project begins with, in the maker's units.
 * @param tools the maker's own; the usual ones where they are not known
 */
export function startingBrief(units: Units, tools?: Brief["tools"]): Brief {
  const metric = units === "METRIC";
  return {
    fold: "z-fold",
    basis: { kind: "ENVELOPE", orientation: "LANDSCAPE" },
    parameters: {},
    sheet: metric ? "a4" : "letter",
    envelope: metric ? "c6" : "a2us",
    base: { stock: "300 gsm", colour: "#fbf8f0", print: "PLAIN" },
    tools:
      tools ??
      (metric
        ? {
            ruler: "1 mm",
            board: "1 mm",
            boardReach: "305 mm",
            trimmer: "310 mm",
            bed: "305 x 610 mm",
            scoring: "ONE_SIDE",
          }
        : {
            ruler: "1/16 in",
            board: "1/16 in",
            boardReach: "12 in",
            trimmer: "12 in",
            bed: "12 x 24 in",
            scoring: "ONE_SIDE",
          }),
    matting: {
      layers: 1,
      steps: [metric ? "3 mm" : "1/8 in"],
      grid: metric ? "1 mm" : "1/16 in",
      meeting: "RUN_ON",
      byFace: {},
      papers: ["#7e93a8", "#e9dcc3", "#a8564a"].map((colour) => ({
        stock: "160 gsm",
        colour,
        print: "PLAIN" as const,
      })),
    },
    ornaments: [],
    closure: null,
    units,
  };
}
