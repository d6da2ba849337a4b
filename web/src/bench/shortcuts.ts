import { useEffect } from "react";
import { useNavigate, useParams } from "react-router";
import type { BenchStore } from "../state/benchStore";
import { useBenchStore } from "../state/useBench";
import { VIEWS } from "./views";

export function switchUnits(store: BenchStore) {
  void store.change((brief) => ({ ...brief, units: brief.units === "INCH" ? "METRIC" : "INCH" }));
}

/** Lists and menus go to what is typed, dialogs have to be closed first. */
const OWN_KEYS = '[role="listbox"], [role="menu"], [role="dialog"]';

const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (/^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName) ||
    target.isContentEditable ||
    target.closest(OWN_KEYS) !== null);

/** B, L, E, C and M change the view, U switches units, Ctrl+Z and Ctrl+Shift+Z (or Ctrl+Y) undo and redo; typing in a field keeps its own keys. */
export function useShortcuts() {
  const store = useBenchStore();
  const navigate = useNavigate();
  const { id } = useParams();
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
      } else if (!command && !e.altKey) {
        const view = VIEWS.find((v) => v.key.toLowerCase() === key);
        if (view) void navigate(`/bench/${id}/${view.path}`);
      }
    }
    window.addEventListener("keydown", press);
    return () => window.removeEventListener("keydown", press);
  }, [store, navigate, id]);
}
