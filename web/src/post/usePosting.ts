import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { api } from "../api/client";
import { useAttempt } from "../state/useAttempt";
import { useSettledBrief } from "../state/useBench";

/** How the card on the bench is posted. */
export function usePosting() {
  const settled = useSettledBrief();
  return useQuery({
    queryKey: ["posting", settled],
    queryFn: ({ signal }) => api.posting(settled, signal),
    placeholderData: keepPreviousData,
    retry: false,
  });
}

export const useDrawer = () => useQuery({ queryKey: ["drawer"], queryFn: api.drawer }).data ?? [];
export const usePostalClasses = () =>
  useQuery({ queryKey: ["postal-classes"], queryFn: api.postalClasses }).data ?? [];

/** A change of the drawer of envelopes or of the postal table. */
export const usePostAttempt = () => useAttempt("drawer", "postal-classes", "posting");
