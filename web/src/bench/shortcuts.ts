import { useEffect } from "react";
import type { BenchStore } from "../state/benchStore";
import { useBenchStore } from "../state/useBench";

export function switchUnits(store: BenchStore) {
  void store.change((brief) => ({ ...brief, units: brief.units === "INCH" ? "METRIC" : "INCH" }));
}

const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement && (target.tagName === "INPUT" || target.isContentEditable);

/** U switches units, Ctrl+Z and Ctrl+Shift+Z (or Ctrl+Y) undo and redo; typing in a field keeps its own keys. */
export function useShortcuts() {
  const store = useBenchStore();
  useEffect(() => {
    function press(e: KeyboardEvent) {
      if (isTyping(e.target)) return;
      const key = e.key.toLowerCase();
      const command = e.ctrlKey || e.metaKey;
      if (command && key === "z") {
        e.preventDefault();
        void (e.shiftKey ? store.redo() : store.undo());
      } else if (command && key === "y") {
        e.preventDefault();
        void store.redo();
      } else if (!command && !e.altKey && key === "u") {
        switchUnits(store);
      }
    }
    window.addEventListener("keydown", press);
    return () => window.removeEventListener("keydown", press);
  }, [store]);
}
