import type { SheetPhoto } from "../api/types";
import { usePlan } from "../state/useBench";
import { usePapers } from "./useTables";

/** The photograph of the sheet that the base is cut from, if there is one in the drawer. */
export function useBasePhoto(): SheetPhoto | null {
  const base = usePlan((p) => p.brief.base);
  const sheet = usePapers().find(
    ({ photo, content }) =>
      photo &&
      content.count > 0 &&
      content.kind === "PAPER" &&
      content.stock === base.stock &&
      content.colour.toLowerCase() === base.colour.toLowerCase() &&
      content.print === base.print,
  );
  return sheet?.photo ?? null;
}
