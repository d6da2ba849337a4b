import { counted } from "../parts/counted";

/** How one face is dressed, as the brief says it: "ground + 2 + note + strip 3/4 in low + turned + borders 0 in, 1/16 in". */
export interface Finish {
  ground: boolean;
  mats: number;
  note: boolean;
  strip: { width: string; at: StripHeight } | null;
  turned: boolean;
  /** How papers cover a face that slits notch. */
  notched: Notched;
  /** Of each mat, the lowest first; empty where the card's hold. */
  borders: string[];
}

export const STRIP_HEIGHTS = ["low", "middle", "high"] as const;
export type StripHeight = (typeof STRIP_HEIGHTS)[number];

/** A strip on each row, one paper with the outline, or one rectangle between the slits. */
export const NOTCHED = ["rows", "shaped", "column"] as const;
export type Notched = (typeof NOTCHED)[number];

const STRIP = /^strip (.+) (low|middle|high)$/;

const BORDERS = "borders ";

/** @param text as the server writes it */
export function readFinish(text: string): Finish {
  const parts = text.split("+").map((p) => p.trim());
  const strip = parts.map((p) => STRIP.exec(p)).find((m) => m !== null);
  return {
    ground: parts.includes("ground"),
    mats: Number(parts.find((p) => /^\d$/.test(p)) ?? 0),
    note: parts.includes("note"),
    strip: strip ? { width: strip[1] ?? "", at: strip[2] as StripHeight } : null,
    turned: parts.includes("turned"),
    notched: NOTCHED.find((n) => parts.includes(n)) ?? "rows",
    borders: (parts.find((p) => p.startsWith(BORDERS)) ?? "")
      .slice(BORDERS.length)
      .split(",")
      .map((b) => b.trim())
      .filter(Boolean),
  };
}

/** As {@link readFinish} reads it: "ground + 1". */
export function finishText({ ground, mats, note, strip, turned, notched, borders }: Finish): string {
  return [
    ground && "ground",
    String(mats),
    note && "note",
    strip && `strip ${strip.width} ${strip.at}`,
    turned && "turned",
    notched !== "rows" && notched,
    borders.length > 0 && BORDERS + borders.join(", "),
  ]
    .filter(Boolean)
    .join(" + ");
}

/** The same in plain words, for the line beside a face. */
export function finishWords({ ground, mats, note, strip, turned }: Finish): string {
  const said = [
    ground && "a ground",
    mats > 0 && counted(mats, "mat"),
    note && "a writing mat",
    strip && "a strip",
  ].filter(Boolean);
  return said.length === 0 ? "nothing" : said.join(", ") + (turned ? ", turned" : "");
}
