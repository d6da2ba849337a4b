/** What is pointed at in every view: a panel, a score, a piece, an ornament, the card or the envelope. */
export interface Mark {
  kind: "PANEL" | "SCORE" | "PIECE" | "ORNAMENT" | "CARD" | "ENVELOPE";
  id: string;
}
