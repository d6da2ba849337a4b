import { useCallback } from "react";
import type { Paper, SheetPhoto } from "../api/types";
import { usePlan } from "../state/useBench";
import { usePapers } from "./useTables";

/** The photograph of a paper, if there is one of such a sheet in the drawer. */
export function usePhotos(): (paper: Paper) => SheetPhoto | null {
  const papers = usePapers();
  return useCallback(
    (paper: Paper) =>
      papers.find(
        ({ photo, content }) =>
          photo &&
          content.count > 0 &&
          content.kind === "PAPER" &&
          content.stock === paper.stock &&
          content.colour.toLowerCase() === paper.colour.toLowerCase() &&
          content.print === paper.print,
      )?.photo ?? null,
    [papers],
  );
}

/** The photograph of the sheet that the base is cut from. */
export function useBasePhoto(): SheetPhoto | null {
  const base = usePlan((p) => p.brief.base);
  return usePhotos()(base);
}
