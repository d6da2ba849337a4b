import { Path, Shape, ShapeGeometry, Vector2 } from "three";

/** What an outline encloses, its holes left out; in mm. */
export function flatShape(points: number[][], holes: number[][][]): ShapeGeometry {
  const ring = (corners: number[][]) => corners.map(([x = 0, y = 0]) => new Vector2(x, y));
  const outline = new Shape(ring(points));
  outline.holes = holes.map((hole) => new Path(ring(hole)));
  return new ShapeGeometry(outline);
}
