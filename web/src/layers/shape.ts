/** The outline of an ornament, as the brief says it. */
export type Shape =
  | { kind: "RECTANGLE"; size: string }
  | { kind: "CIRCLE"; size: string }
  | { kind: "TURNED"; size: string }
  | { kind: "LIBRARY"; size: string; name: string; mirrored?: boolean }
  | { kind: "DRAWN"; size: string; corners: string; mirrored?: boolean }
  | { kind: "HALF"; size: string; edge: Edge }
  | { kind: "BAND"; size: string; edge: Edge; from: string; border: string }
  | { kind: "CORNER"; size: string; corner: CornerOf; border: string };

/** The corners of a face, looking at it. */
export const CORNERS = ["lower left", "lower right", "upper left", "upper right"] as const;
export type CornerOf = (typeof CORNERS)[number];

/** An edge of the face, looking at it. */
export const EDGES = ["lower", "upper", "left", "right"] as const;
export type Edge = (typeof EDGES)[number];

const HALF = /^(lower|upper|left|right) half, border (.+)$/;
const CORNER = /^corner (.+), ((?:lower|upper) (?:left|right)), border (.+)$/;
const BAND = /^band (.+) wide, (.+) from (lower|upper|left|right), border (.+)$/;

/** Whether it is a part of its face, and lies where that is. */
export const isPart = (shape: Shape): shape is Shape & { kind: "HALF" | "BAND" | "CORNER" } =>
  shape.kind === "HALF" || shape.kind === "BAND" || shape.kind === "CORNER";

/** Outlines of our own drawing that the server knows by name. */
export const LIBRARY = [
  "dome",
  "bell",
  "rocket",
  "bird house",
  "fir",
  "heart",
  "star",
  "mushroom",
  "pear",
  "jar",
  "lantern",
  "mitten",
  "boat",
];

const CIRCLE = "circle ";
const TURNED = "turned square ";
const MIRRORED = "mirrored ";

/** The same as in a mirror that stands beside it. */
export function mirroredShape(shape: Shape): Shape {
  if (shape.kind === "LIBRARY" || shape.kind === "DRAWN") return { ...shape, mirrored: !shape.mirrored };
  if (shape.kind === "CORNER")
    return {
      ...shape,
      corner: (shape.corner.endsWith("left")
        ? shape.corner.replace("left", "right")
        : shape.corner.replace("right", "left")) as CornerOf,
    };
  if (shape.kind !== "HALF" && shape.kind !== "BAND") return shape;
  const edge = shape.edge === "left" ? "right" : shape.edge === "right" ? "left" : shape.edge;
  return { ...shape, edge };
}

/** @param text "lower half, border 1/8 in", "2 x 3 in", "circle 1 1/2 in", "turned square 1 3/4 in", "heart 2 x 2 in" or "outline 2 in: 0,0 4,0 2,3" */
export function readShape(text: string): Shape {
  const half = HALF.exec(text);
  if (half) return { kind: "HALF", edge: half[1] as Edge, size: half[2] ?? "" };
  const band = BAND.exec(text);
  if (band)
    return {
      kind: "BAND",
      size: band[1] ?? "",
      from: band[2] ?? "",
      edge: band[3] as Edge,
      border: band[4] ?? "",
    };
  if (text.startsWith(MIRRORED)) return mirroredShape(readShape(text.slice(MIRRORED.length)));
  const corner = CORNER.exec(text);
  if (corner)
    return {
      kind: "CORNER",
      size: corner[1] ?? "",
      corner: corner[2] as CornerOf,
      border: corner[3] ?? "",
    };
  if (text.startsWith(CIRCLE)) return { kind: "CIRCLE", size: text.slice(CIRCLE.length) };
  if (text.startsWith(TURNED)) return { kind: "TURNED", size: text.slice(TURNED.length) };
  const name = LIBRARY.find((known) => text.startsWith(`${known} `));
  if (name) return { kind: "LIBRARY", name, size: text.slice(name.length + 1) };
  const drawn = /^outline ([^:]+): (.+)$/s.exec(text);
  return drawn
    ? { kind: "DRAWN", size: drawn[1] ?? "", corners: drawn[2] ?? "" }
    : { kind: "RECTANGLE", size: text };
}

export function shapeText(shape: Shape): string {
  switch (shape.kind) {
    case "CIRCLE":
      return CIRCLE + shape.size;
    case "TURNED":
      return TURNED + shape.size;
    case "LIBRARY":
      return `${shape.mirrored ? MIRRORED : ""}${shape.name} ${shape.size}`;
    case "DRAWN":
      return `${shape.mirrored ? MIRRORED : ""}outline ${shape.size}: ${shape.corners}`;
    case "RECTANGLE":
      return shape.size;
    case "HALF":
      return `${shape.edge} half, border ${shape.size}`;
    case "CORNER":
      return `corner ${shape.size}, ${shape.corner}, border ${shape.border}`;
    case "BAND":
      return `band ${shape.size} wide, ${shape.from} from ${shape.edge}, border ${shape.border}`;
  }
}

/** What the size of a shape is called. */
export const SIZE_WORDS: Record<Shape["kind"], string> = {
  RECTANGLE: "of",
  CIRCLE: "across",
  TURNED: "with a side of",
  LIBRARY: "of",
  DRAWN: "wide",
  HALF: "of the face, with a border of",
  BAND: "wide",
  CORNER: "along its edges",
};
