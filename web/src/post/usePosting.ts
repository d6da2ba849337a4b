import { keepPreviousData, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, Problem } from "../api/client";
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

/** Runs a change of the drawer or the table, shows both anew, and keeps why it was refused. */
export function useAttempt() {
  const queries = useQueryClient();
  const [trouble, setTrouble] = useState<string | null>(null);
  async function attempt(job: () => Promise<unknown>): Promise<boolean> {
    try {
      await job();
      setTrouble(null);
      return true;
    } catch (error) {
      if (!(error instanceof Problem)) throw error;
      setTrouble(error.message);
      return false;
    } finally {
      for (const key of ["drawer", "postal-classes", "posting"])
        await queries.invalidateQueries({ queryKey: [key] });
    }
  }
  return { trouble, attempt };
}
