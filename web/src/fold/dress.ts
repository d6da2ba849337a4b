import type { Brief, Mat, Paper, PlacedOrnament, SheetPhoto } from "../api/types";
import { lookOf } from "../parts/paperLook";

/** A paper on a panel, as it is drawn in space. */
export interface Sheet {
  key: string;
  /** Id or name of the panel. */
  panel: string;
  side: "FACE" | "BACK";
  points: number[][];
  holes: number[][][];
  paper: Paper;
  /** Of the sheet that it is cut from, lower left corner on lower left corner; lengths in mm. */
  photo: SheetPhoto | null;
  /** Where its pattern's up is, degrees anticlockwise from the flat piece's up. */
  up: number;
  /** How many papers it lies over on its panel, itself among them. */
  order: number;
  /** How high it lies over its panel while the card is open, mm. */
  high: number;
}

/** The colours of a paper's good side and of its back. */
export interface Sides {
  face: string;
  back: string;
}

/** How a card is dressed: what it is folded from, and what lies on its panels. */
export interface Dress {
  base: Sides;
  /** What the panels of pieces with a paper of their own are cut from, by the panel's name. */
  papers: Map<string, Sides>;
  sheets: Sheet[];
  /** The photographed sheet that the first piece is cut from, and where; lengths in mm. */
  photo: BasePhoto | null;
}

export interface BasePhoto {
  id: string;
  width: number;
  height: number;
  /** Where the piece's lower left corner lies on it. */
  x: number;
  y: number;
  /** The panels on whose face it shows. */
  panels: string[];
}

/** Papers are drawn so far apart that none flickers through another. */
const APART_MM = 0.12;

/** From a plan: mats from below upwards, toppers over them as high as foam holds them. */
export function dressOf(
  plan: {
    brief: Pick<Brief, "base" | "ornaments" | "piecePapers">;
    mats: Mat[];
    ornaments: PlacedOrnament[];
    pieces: { name: string; panels: { name: string }[] }[];
    papers: { paper: Paper; behind: { colour: string } }[];
    baseAt: { x: number; y: number };
  },
  photoOf: (paper: Paper) => SheetPhoto | null,
): Dress {
  const photo = photoOf(plan.brief.piecePapers?.[plan.pieces[0]?.name ?? ""] ?? plan.brief.base);
  const sidesOf = (paper: Paper): Sides => ({
    face: paper.colour,
    back: plan.papers.find((p) => lookOf(p.paper) === lookOf(paper))?.behind.colour ?? paper.colour,
  });
  const layers = new Map<string, number>();
  const sheets: Sheet[] = plan.mats.map((mat, i) => {
    layers.set(mat.face, Math.max(layers.get(mat.face) ?? 0, mat.layer));
    return {
      key: `mat ${i}`,
      panel: mat.panel,
      side: mat.side,
      points: mat.points,
      holes: mat.holes,
      paper: mat.paper,
      photo: photoOf(mat.paper),
      up: mat.up,
      order: mat.layer,
      high: APART_MM * mat.layer,
    };
  });
  plan.ornaments.forEach((placed, i) => {
    const paper = plan.brief.ornaments.find((o) => o.name === placed.name)?.paper;
    if (!paper) return;
    const order = (layers.get(placed.face) ?? 0) + 1 + i;
    sheets.push({
      key: `topper ${i}`,
      panel: placed.panel,
      side: placed.side,
      points: placed.points,
      holes: [],
      paper,
      photo: photoOf(paper),
      up: 0,
      order,
      high: APART_MM * order + placed.lift.mm,
    });
  });
  return {
    base: sidesOf(plan.brief.base),
    papers: new Map(
      plan.pieces.flatMap((piece) => {
        const paper = plan.brief.piecePapers?.[piece.name];
        return paper ? piece.panels.map((panel) => [panel.name, sidesOf(paper)] as const) : [];
      }),
    ),
    sheets,
    photo: photo && {
      id: photo.id,
      width: photo.width,
      height: photo.height,
      x: photo.x + plan.baseAt.x,
      y: photo.y + plan.baseAt.y,
      panels: (plan.pieces[0]?.panels ?? []).map((p) => p.name),
    },
  };
}

/** The numbers a, b, x, c, d, y of a paper's places in mm on the photograph, 0 to 1 each way. */
type Places = [number, number, number, number, number, number];

/** Where a paper's places lie on the photograph of its sheet: its pattern upright, its box in the sheet's lower left corner. */
export function onPhoto({ points, side, up }: Sheet, photo: SheetPhoto): Places {
  const mirror = side === "BACK" ? -1 : 1;
  const angle = (-up * mirror * Math.PI) / 180;
  const [a, b] = [Math.cos(angle) * mirror, -Math.sin(angle)];
  const [c, d] = [Math.sin(angle) * mirror, Math.cos(angle)];
  const left = Math.min(...points.map(([x = 0, y = 0]) => a * x + b * y));
  const low = Math.min(...points.map(([x = 0, y = 0]) => c * x + d * y));
  return [
    a / photo.width,
    b / photo.width,
    (photo.x - left) / photo.width,
    c / photo.height,
    d / photo.height,
    (photo.y - low) / photo.height,
  ];
}
