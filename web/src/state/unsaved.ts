import type { Brief } from "../api/types";

/** What could not be saved, kept by the browser until it is. */
export interface Unsaved {
  name: string;
  brief: Brief;
}

const key = (id: string) => `vantbreeze unsaved ${id}`;

export const unsaved = {
  keep(id: string, what: Unsaved): void {
    try {
      localStorage.setItem(key(id), JSON.stringify(what));
    } catch {
      // a browser that keeps nothing: the page itself still has it
    }
  },
  of(id: string): Unsaved | null {
    try {
      return JSON.parse(localStorage.getItem(key(id)) ?? "null") as Unsaved | null;
    } catch {
      return null;
    }
  },
  forget(id: string): void {
    try {
      localStorage.removeItem(key(id));
    } catch {
      // nothing was kept
    }
  },
};

/** A name that every system takes for a file. */
export const fileName = (name: string) => `${name.replace(/[^\p{L}\p{N}_-]+/gu, " ").trim() || "card"}.json`;

/** Hands a text to the maker as a file. */
export function saveAsFile(name: string, text: string): void {
  const link = document.createElement("a");
  link.href = URL.createObjectURL(new Blob([text], { type: "application/json" }));
  link.download = fileName(name);
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 1000);
}
