import type { Brief, FieldProblem } from "../api/types";

/** The brief with the usual in the place of all that was refused, and nothing else changed. */
export function mended(brief: Brief, fields: FieldProblem[], usual: Brief): Brief {
  const parts = new Set(fields.map((f) => f.field.split(/[.[]/)[0] ?? ""));
  const changed = Object.entries(usual).filter(([part]) => parts.has(part));
  const next = { ...brief, ...Object.fromEntries(changed) };
  return parts.has("fold") ? { ...next, parameters: {} } : next;
}
