import { api } from "../api/client";
import type { Project } from "../api/types";
import { startingBrief } from "../projects/starting";

/** A flat pattern in a file. */
export interface Pattern {
  name: string;
  file: object;
}

export type PatternUnit = "MM" | "CM" | "IN";

/**
 * Begins a project with the pattern as a free strip or a free pattern, in inches where its numbers are.
 * @param unit of its numbers, where the file does not say it
 */
export async function takePattern(
  pattern: Pattern,
  unit: PatternUnit | null,
): Promise<{ project: Project; leftOut: string[] }> {
  const said = "frame_unit" in pattern.file ? pattern.file.frame_unit : undefined;
  const units = unit === "IN" || said === "in" ? "INCH" : "METRIC";
  const taken = await api.pattern(pattern.file, unit, units);
  const own = (await api.ownTools()).find((set) => set.units === units);
  const project = await api.create(pattern.name.slice(0, 80), {
    ...startingBrief(units, own?.tools),
    fold: taken.fold,
    basis: { kind: "CLOSED", width: null, height: taken.height ?? null },
    parameters: taken.parameters,
  });
  return { project, leftOut: taken.leftOut };
}
