/** The outline of an ornament, as the brief says it. */
export type Shape =
  | { kind: "RECTANGLE"; size: string }
  | { kind: "CIRCLE"; size: string }
  | { kind: "DRAWN"; size: string; corners: string };

/** @param text "2 x 3 in", "circle 1 1/2 in" or "outline 2 in: 0,0 4,0 2,3" */
export function readShape(text: string): Shape {
  if (text.startsWith("circle ")) return { kind: "CIRCLE", size: text.slice("circle ".length) };
  const drawn = /^outline ([^:]+): (.+)$/s.exec(text);
  return drawn
    ? { kind: "DRAWN", size: drawn[1] ?? "", corners: drawn[2] ?? "" }
    : { kind: "RECTANGLE", size: text };
}

export function shapeText(shape: Shape): string {
  if (shape.kind === "CIRCLE") return `circle ${shape.size}`;
  return shape.kind === "DRAWN" ? `outline ${shape.size}: ${shape.corners}` : shape.size;
}

/** What the size of a shape is called. */
export const SIZE_WORDS: Record<Shape["kind"], string> = {
  RECTANGLE: "of",
  CIRCLE: "across",
  DRAWN: "wide",
};
