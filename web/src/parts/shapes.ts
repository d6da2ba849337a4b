/** SVG points of a polygon in mm, y up, inside a box `height` mm high. */
export const points = (corners: number[][], height: number) =>
  corners.map(([x = 0, y = 0]) => `${x},${height - y}`).join(" ");
