/** What is pointed at in every view: a panel, a score, a piece, the card or the envelope. */
export interface Mark {
  kind: "PANEL" | "SCORE" | "PIECE" | "CARD" | "ENVELOPE";
  id: string;
}
