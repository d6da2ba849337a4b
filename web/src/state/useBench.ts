import { createContext, useContext, useSyncExternalStore } from "react";
import type { Brief, Plan } from "../api/types";
import type { Bench, BenchStore } from "./benchStore";

export const BenchContext = createContext<BenchStore | null>(null);

export function useBenchStore(): BenchStore {
  const store = useContext(BenchContext);
  if (!store) throw new Error("There is no bench around this component.");
  return store;
}

/** Part of what the bench shows; drawn anew only when that part changes. */
export function useBench<T>(select: (bench: Bench) => T): T {
  const store = useBenchStore();
  return useSyncExternalStore(store.subscribe, () => select(store.get()));
}

/** Part of the plan on the bench; only for components that are drawn once there is one. */
export function usePlan<T>(select: (plan: Plan) => T): T {
  return useBench(({ plan }) => {
    if (!plan) throw new Error("There is no plan yet.");
    return select(plan);
  });
}

/** The brief that stays while something is dragged; what takes longer to work out is asked for with it. */
export function useSettledBrief(): Brief {
  return useBench(({ settled }) => {
    if (!settled) throw new Error("There is no plan yet.");
    return settled;
  });
}

/** Part of a brief, or what it becomes from the brief that is shown by then. */
export type Part = Partial<Brief> | ((brief: Brief) => Partial<Brief>);

/** Changes part of the brief. Resolves to false if the server refused; nothing has changed then. */
export function useChange(): (part: Part) => Promise<boolean> {
  const store = useBenchStore();
  return (part) =>
    store.change((brief) => ({ ...brief, ...(typeof part === "function" ? part(brief) : part) }));
}
