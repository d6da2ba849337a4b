import type { Plan } from "../api/types";

/** All panels of a card, piece by piece. */
export const panelsOf = (plan: Pick<Plan, "pieces">) => plan.pieces.flatMap((piece) => piece.panels);
