import { counted } from "../parts/counted";

/** How one face is dressed, as the brief says it: "ground + 2 + note + strip 3/4 in low + turned". */
export interface Finish {
  ground: boolean;
  mats: number;
  note: boolean;
  strip: { width: string; at: StripHeight } | null;
  turned: boolean;
  /** One paper cut to the shape of a face that slits notch. */
  shaped: boolean;
}

export const STRIP_HEIGHTS = ["low", "middle", "high"] as const;
export type StripHeight = (typeof STRIP_HEIGHTS)[number];

const STRIP = /^strip (.+) (low|middle|high)$/;

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
    shaped: parts.includes("shaped"),
  };
}

/** @example finishText({ ground: true, mats: 1, note: false, strip: null, turned: false, shaped: false }) // "ground + 1" */
export function finishText({ ground, mats, note, strip, turned, shaped }: Finish): string {
  return [
    ground && "ground",
    String(mats),
    note && "note",
    strip && `strip ${strip.width} ${strip.at}`,
    turned && "turned",
    shaped && "shaped",
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
