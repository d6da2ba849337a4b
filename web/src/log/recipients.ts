import type { LogContent } from "../api/types";

export interface Recipient {
  name: string;
  cards: Pick<LogContent, "card" | "madeOn" | "occasion">[];
}

/** Who got what, by name; however a name is spelt in capitals, it is one. */
export function byRecipient(entries: { content: LogContent }[]): Recipient[] {
  const found = new Map<string, Recipient>();
  for (const { content } of entries)
    for (const name of content.recipients) {
      const key = name.trim().toLowerCase();
      const who = found.get(key) ?? { name: name.trim(), cards: [] };
      who.cards.push(content);
      found.set(key, who);
    }
  return [...found.values()].sort((a, b) => a.name.localeCompare(b.name));
}
