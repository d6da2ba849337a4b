import type { Plan, Technique } from "../api/types";
import type { Choice } from "../parts/ChoiceWord";

export const TECHNIQUES: Record<Technique, string> = {
  STAMP: "Stamp",
  HEAT_EMBOSS: "Heat-emboss",
  STENCIL_PASTE: "Stencil with paste",
  INK_BLENDING: "Blend ink",
  ALCOHOL_INK: "Drop alcohol ink",
  SHIMMER_SPRAY: "Spray shimmer",
  FOIL: "Foil",
  DIE_CUT: "Die-cut",
  FUSSY_CUT: "Fussy-cut",
  RIBBON: "Tie a ribbon",
  GEMS: "Set gems",
  MESSAGE: "Write the message",
  OTHER: "Something else",
};

/** Everything on a card that something can be done to, in the words of the card. */
export function places(plan: Pick<Plan, "faces" | "mats" | "ornaments" | "parts">): Choice[] {
  return [
    ...plan.faces.map((f) => ({ value: `face/${f.key}`, label: f.name })),
    ...plan.parts
      .filter((p) => p.kind !== "PIECE" && p.kind !== "CLOSURE")
      .map((p) => ({ value: p.id, label: p.label })),
  ];
}
