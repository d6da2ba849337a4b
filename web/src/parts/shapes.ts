/** SVG points of a polygon in mm, y up, inside a box `height` mm high. */
export const points = (corners: number[][], height: number) =>
  corners.map(([x = 0, y = 0]) => `${x},${height - y}`).join(" ");

/** SVG path of a polygon with holes, like {@link points}; to be filled by the even-odd rule. */
export const path = (corners: number[][], holes: number[][][], height: number) =>
  [corners, ...holes].map((ring) => `M${points(ring, height)}Z`).join(" ");
