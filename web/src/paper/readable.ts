/** Relative luminance of a colour such as "#7e93a8" (WCAG 2.2). */
export function luminance(colour: string): number {
  const [r = 0, g = 0, b = 0] = [1, 3, 5].map((i) => {
    const share = parseInt(colour.slice(i, i + 2), 16) / 255;
    return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

/** Contrast of two colours, 1 to 21 (WCAG 2.2). */
export function contrast(one: string, other: string): number {
  const [dark = 0, light = 0] = [luminance(one), luminance(other)].sort((a, b) => a - b);
  return (light + 0.05) / (dark + 0.05);
}

const DARK = "#000000";
const LIGHT = "#ffffff";

/** Black or white, whichever is read better there; one of them always has 4.5 to 1 or more. */
export const readableOn = (colour: string) =>
  contrast(DARK, colour) >= contrast(LIGHT, colour) ? DARK : LIGHT;

/** Whether a place lies within a ring of corners. */
export function contains(points: number[][], x: number, y: number): boolean {
  let inside = false;
  points.forEach(([ax = 0, ay = 0], i) => {
    const [bx = 0, by = 0] = points[(i + 1) % points.length] ?? [];
    if (ay > y !== by > y && x < ((bx - ax) * (y - ay)) / (by - ay) + ax) inside = !inside;
  });
  return inside;
}
