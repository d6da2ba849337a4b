import { useSyncExternalStore } from "react";
import type { Ornament } from "../api/types";

let group: Ornament[] = [];
const listeners = new Set<() => void>();

/** What was copied last, from any face of any card, until the page is closed. */
export const useCopied = (): Ornament[] =>
  useSyncExternalStore(
    (changed) => {
      listeners.add(changed);
      return () => listeners.delete(changed);
    },
    () => group,
  );

export function copy(ornaments: Ornament[]) {
  group = ornaments;
  listeners.forEach((changed) => changed());
}
