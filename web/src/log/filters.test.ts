import { expect, test } from "vitest";
import type { LogEntry } from "../api/types";
import { choicesOf, filtered, NO_FILTER } from "./filters";

const entry = (fold: string, madeOn: string, occasion: string, ...recipients: string[]) =>
  ({ content: { fold, madeOn, occasion, recipients } }) as LogEntry;

const LOG = [
  entry("Z-fold", "2026-03-01", "birthday", "Ona", "Per"),
  entry("gatefold", "2026-11-02", "", "Ona"),
  entry("Z-fold", "2025-12-20", "birthday"),
];

test("every word that is picked has to fit", () => {
  expect(filtered(LOG, NO_FILTER)).toEqual(LOG);
  expect(filtered(LOG, { ...NO_FILTER, person: "Ona" })).toEqual(LOG.slice(0, 2));
  expect(filtered(LOG, { ...NO_FILTER, fold: "Z-fold", year: "2025" })).toEqual([LOG[2]]);
});

test("only what leaves something is offered, and what is picked can be changed", () => {
  expect(choicesOf(LOG, NO_FILTER)).toEqual({
    fold: ["Z-fold", "gatefold"],
    year: ["2025", "2026"],
    occasion: ["birthday"],
    person: ["Ona", "Per"],
  });
  expect(choicesOf(LOG, { ...NO_FILTER, fold: "gatefold" })).toEqual({
    fold: ["Z-fold", "gatefold"],
    year: ["2026"],
    occasion: [],
    person: ["Ona"],
  });
});
