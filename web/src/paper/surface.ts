import type { Paper } from "../api/types";

type Material = NonNullable<Paper["material"]>;

const OPACITY: Partial<Record<Material, number>> = { FILM: 0.25, VELLUM: 0.65 };
const ROUGHNESS: Partial<Record<Material, number>> = { FILM: 0.3, FOIL: 0.35, MIRROR: 0.15, GLITTER: 0.6 };
const MATT = 0.95;

/** How much of what lies behind a paper is hidden: 1 where nothing shows through. */
export const opacityOf = (paper: Pick<Paper, "material">) => OPACITY[paper.material ?? "PAPER"] ?? 1;

/** 1 where it is quite dull, 0 for a looking glass. */
export const roughnessOf = (paper: Pick<Paper, "material">) => ROUGHNESS[paper.material ?? "PAPER"] ?? MATT;
