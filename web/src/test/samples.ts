import type { Brief, Length, MakingState, Piece, Plan, Project, Score } from "../api/types";

/** Small stand-ins for tests: only what the tested code reads. */
export const brief = (part: Partial<Brief> = {}): Brief =>
  ({ fold: "z-fold", basis: { kind: "CLOSED" }, parameters: {}, units: "INCH", ...part }) as Brief;

export const plan = (part: Partial<Plan> = {}): Plan =>
  ({ brief: brief(), parameters: [], pieces: [], ...part }) as Plan;

export const project = (version: number, part: Partial<Project> = {}): Project =>
  ({ id: "p", name: "Card", version, revision: 1, brief: brief(), updatedAt: "", ...part }) as Project;

export const length = (mm: number): Length => ({ mm, text: `${mm} mm`, shown: `${mm} mm`, exact: true });

export const score = (mm: number, part: Partial<Score> = {}): Score =>
  ({
    id: "score 1",
    fold: "MOUNTAIN",
    fromStart: length(mm),
    path: [
      [mm, 0],
      [mm, 100],
    ],
    ...part,
  }) as Score;

export const piece = (widths: number[], scores: Score[]): Piece =>
  ({
    name: "strip",
    size: { width: length(widths.reduce((a, b) => a + b)), height: length(100) },
    panels: widths.map((w, i) => ({ name: `${i}`, size: { width: length(w) } })),
    scores,
  }) as Piece;

/** A card at the table of which nothing is done. */
export const fresh = (part: Partial<MakingState> = {}): MakingState => ({
  revision: 1,
  cards: 1,
  byCard: false,
  mockUp: false,
  at: null,
  done: [],
  measured: [],
  timers: [],
  seconds: 0,
  ...part,
});
