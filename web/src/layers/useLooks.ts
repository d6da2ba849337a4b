import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { api } from "../api/client";
import type { Brief } from "../api/types";

/** The card of that brief as it is seen at each moment; what was shown before meanwhile. */
export const useLooks = (brief: Brief) =>
  useQuery({
    queryKey: ["looks", brief],
    queryFn: ({ signal }) => api.looks(brief, signal),
    placeholderData: keepPreviousData,
  });
