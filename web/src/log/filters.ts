import type { LogEntry } from "../api/types";

/** What entries are picked by; an empty word takes all. */
export interface LogFilter {
  fold: string;
  year: string;
  occasion: string;
  person: string;
}

export const NO_FILTER: LogFilter = { fold: "", year: "", occasion: "", person: "" };

const wordsOf: Record<keyof LogFilter, (entry: LogEntry) => string[]> = {
  fold: (e) => [e.content.fold],
  year: (e) => [e.content.madeOn.slice(0, 4)],
  occasion: (e) => [e.content.occasion],
  person: (e) => e.content.recipients,
};

const KEYS = Object.keys(NO_FILTER) as (keyof LogFilter)[];

const passes = (entry: LogEntry, filter: LogFilter, keys: (keyof LogFilter)[]) =>
  keys.every((key) => filter[key] === "" || wordsOf[key](entry).includes(filter[key]));

/** The entries that all the words of the filter say. */
export const filtered = (entries: LogEntry[], filter: LogFilter) =>
  entries.filter((e) => passes(e, filter, KEYS));

/** For each word what it can be, in their order, so that something is left whatever else is picked. */
export function choicesOf(entries: LogEntry[], filter: LogFilter): Record<keyof LogFilter, string[]> {
  const choices = KEYS.map((key) => {
    const others = KEYS.filter((k) => k !== key);
    const words = entries.filter((e) => passes(e, filter, others)).flatMap(wordsOf[key]);
    return [key, [...new Set(words)].filter(Boolean).sort()] as const;
  });
  return Object.fromEntries(choices) as Record<keyof LogFilter, string[]>;
}
