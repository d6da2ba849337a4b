import type { Adhesive } from "../api/types";

type Use = Adhesive["uses"][number];
type Quality = Adhesive["qualities"][number];

export const USES: { use: Use; word: string }[] = [
  { use: "LINE_UP", word: "lining up edges" },
  { use: "PULL", word: "tabs and rings that pull" },
  { use: "GRIP", word: "joints that open again and again" },
  { use: "LARGE", word: "large mats and plates" },
  { use: "SHEER", word: "film and vellum" },
  { use: "LIFT", word: "lifting off the card" },
];

export const QUALITIES: { quality: Quality; word: string }[] = [
  { quality: "WET", word: "wets and cockles paper" },
  { quality: "SHOWS", word: "shows through film and vellum" },
  { quality: "HOLDS_ON_SLICK", word: "holds on slick card" },
  { quality: "HOLDS_ON_ROUGH", word: "holds on glitter" },
  { quality: "STRIPS", word: "is cut to a length" },
  { quality: "BURNS", word: "its vapour burns" },
];

export const toggled = <T>(list: T[], one: T): T[] =>
  list.includes(one) ? list.filter((x) => x !== one) : [...list, one];

/** One more, under a name and a key that no other has. */
export function freshAdhesive(list: Adhesive[]): Adhesive {
  const taken = new Set(list.flatMap((a) => [a.key, a.name]));
  let number = 1;
  while (taken.has(`own ${number}`) || taken.has(`adhesive ${number}`)) number++;
  return {
    key: `own ${number}`,
    name: `adhesive ${number}`,
    uses: [],
    gripSeconds: 0,
    minutes: 0,
    qualities: ["SHOWS"],
  };
}

/** "for lining up edges, dry after 20 min". */
export function inWords({ uses, minutes }: Adhesive): string {
  const words = USES.filter((u) => uses.includes(u.use)).map((u) => u.word);
  return [words.length > 0 && `for ${words.join(", ")}`, minutes > 0 && `dry after ${minutes} min`]
    .filter(Boolean)
    .join("; ");
}
