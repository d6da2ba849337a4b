import type { Brief } from "../api/types";
import { handOverBlob } from "./handOver";
import { keptHere } from "./keptHere";

/** What could not be saved, kept by the browser until it is. */
export interface Unsaved {
  name: string;
  brief: Brief;
}

export const unsaved = keptHere<Unsaved>("unsaved");

/** A name that every system takes for a file. */
export const fileName = (name: string) => `${name.replace(/[^\p{L}\p{N}_-]+/gu, " ").trim() || "card"}.json`;

/** Hands a text to the maker as a file. */
export function saveAsFile(name: string, text: string): void {
  handOverBlob(new Blob([text], { type: "application/json" }), fileName(name));
}
