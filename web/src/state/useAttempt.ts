import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { reasonOf } from "./reasonOf";

/**
 * Runs what may be refused, keeps why it was, and shows anew what it may have changed.
 *
 * @param shownAnew first keys of the queries that are asked again, whether it went or not
 */
export function useAttempt(...shownAnew: string[]) {
  const queries = useQueryClient();
  const [trouble, setTrouble] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);

  /** True if it went; whatever follows from that must ask. */
  async function attempt(job: () => Promise<unknown>): Promise<boolean> {
    setTrouble(null);
    setBusy(true);
    try {
      await job();
      return true;
    } catch (e) {
      setTrouble(reasonOf(e));
      return false;
    } finally {
      setBusy(false);
      await Promise.all(shownAnew.map((key) => queries.invalidateQueries({ queryKey: [key] })));
    }
  }
  return { trouble, busy, attempt };
}
