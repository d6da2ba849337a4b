import type { Brief } from "../api/types";
import type { BenchStore } from "./benchStore";

const PREFIX = "parameters.";

/**
 * Takes another fold and keeps what the brief already says; what the new fold cannot have, such as a mount on a panel that
 * it does not have, is let go.
 */
export async function changeFold(
  store: BenchStore,
  part: (brief: Brief) => Partial<Brief>,
): Promise<boolean> {
  if (await store.change((now) => ({ ...now, ...part(now) }))) return true;
  const refused = (store.get().refusal?.fields ?? []).map((f) => f.field);
  if (refused.length === 0 || !refused.every((f) => f.startsWith(PREFIX))) return false;
  const without = (parameters: Record<string, string>) =>
    Object.fromEntries(Object.entries(parameters).filter(([key]) => !refused.includes(PREFIX + key)));
  return store.change((now) => {
    const next = { ...now, ...part(now) };
    return { ...next, parameters: without(next.parameters) };
  });
}
