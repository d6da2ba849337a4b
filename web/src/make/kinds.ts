import type { Task } from "../api/types";

/** What moves beside the words of a step: the whole card as it closes, the piece in hand as it folds, or nothing. */
export const MOVES: Record<Task["kind"], "card" | "piece" | null> = {
  cut: null,
  "cut-ribbon": null,
  mark: null,
  erase: null,
  score: null,
  crease: null,
  prick: null,
  trim: null,
  "trim-end": null,
  slit: null,
  window: null,
  fold: "piece",
  "lay-mats": null,
  "build-topper": null,
  "lay-topper": null,
  glue: null,
  "close-onto": "card",
  thread: null,
  handle: "card",
  dry: null,
  fill: "card",
  close: "card",
  shut: "card",
  own: null,
};
