import { useQuery } from "@tanstack/react-query";
import { api } from "../api/client";

/** The tables never change while the application runs. */
const forever = { staleTime: Infinity };

export const useFolds = () => useQuery({ queryKey: ["folds"], queryFn: api.folds, ...forever }).data ?? [];
export const useOwnFolds = () =>
  useQuery({ queryKey: ["own-folds"], queryFn: api.ownFolds, staleTime: 60_000 }).data ?? [];
export const useSheets = () => useQuery({ queryKey: ["sheets"], queryFn: api.sheets, ...forever }).data ?? [];
/** What lies in the drawer. */
export const usePapers = () => useQuery({ queryKey: ["papers"], queryFn: api.papers }).data ?? [];
export const useEnvelopes = () =>
  useQuery({ queryKey: ["envelopes"], queryFn: api.envelopes, ...forever }).data ?? [];
const useToolTables = () => useQuery({ queryKey: ["tools"], queryFn: api.tools, ...forever }).data;
export const useGrids = () => useToolTables()?.grids ?? [];
/** What papers can be made of. */
export const useMaterials = () => useToolTables()?.materials ?? [];
