import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useSearchParams } from "react-router";
import { api } from "../api/client";
import type { Cutting, CuttingAsked } from "../api/types";
import { useAttempt } from "../state/useAttempt";

const LOOK_AGAIN_MS = 400;

/** The cutting plan that the address names: kept there, it outlives a reload. */
export function useCutting() {
  const queries = useQueryClient();
  const [address, setAddress] = useSearchParams();
  const { trouble, busy, attempt } = useAttempt("cutting", "papers");
  const id = address.get("plan");
  const plan = useQuery({
    queryKey: ["cutting", id],
    queryFn: () => api.cutting(id ?? ""),
    enabled: id !== null,
    retry: false,
    refetchInterval: (query) => (query.state.data?.running ? LOOK_AGAIN_MS : false),
  });

  const run = (job: () => Promise<Cutting>) =>
    attempt(async () => {
      const found = await job();
      queries.setQueryData(["cutting", found.id], found);
      if (found.id !== id) setAddress({ plan: found.id }, { replace: true });
    });
  return {
    plan: plan.data ?? null,
    trouble: trouble ?? plan.error?.message ?? null,
    busy,
    begin: (asked: CuttingAsked) => run(() => api.beginCutting(asked)),
    stop: () => run(() => api.stopCutting(id ?? "")),
    cut: (number: number) => run(() => api.cutSheet(id ?? "", number)),
    uncut: (number: number) => run(() => api.uncutSheet(id ?? "", number)),
  };
}
