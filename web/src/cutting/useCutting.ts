import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useSearchParams } from "react-router";
import { api, Problem } from "../api/client";
import type { Cutting, CuttingAsked } from "../api/types";

const LOOK_AGAIN_MS = 400;

/** The cutting plan that the address names: kept there, it outlives a reload. */
export function useCutting() {
  const queries = useQueryClient();
  const [address, setAddress] = useSearchParams();
  const [trouble, setTrouble] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const id = address.get("plan");
  const plan = useQuery({
    queryKey: ["cutting", id],
    queryFn: () => api.cutting(id ?? ""),
    enabled: id !== null,
    retry: false,
    refetchInterval: (query) => (query.state.data?.running ? LOOK_AGAIN_MS : false),
  });

  async function run(job: () => Promise<Cutting>) {
    setTrouble(null);
    setBusy(true);
    try {
      const found = await job();
      queries.setQueryData(["cutting", found.id], found);
      if (found.id !== id) setAddress({ plan: found.id }, { replace: true });
    } catch (e) {
      if (!(e instanceof Problem)) throw e;
      setTrouble(e.message);
      if (id) await queries.invalidateQueries({ queryKey: ["cutting", id] });
    } finally {
      setBusy(false);
      await queries.invalidateQueries({ queryKey: ["papers"] });
    }
  }
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
