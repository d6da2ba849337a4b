import type { Panel, PlacedOrnament, Region } from "../api/types";

type Side = Region["side"];

/** From the flat piece to a panel as one looks at that side of it: its lower left corner is the origin. */
export function onFace(panel: Panel, side: Side): (corner: number[]) => [number, number] {
  const xs = panel.points.map((p) => p[0] ?? 0);
  const low = Math.min(...panel.points.map((p) => p[1] ?? 0));
  const left = Math.min(...xs);
  const right = Math.max(...xs);
  return ([x = 0, y = 0]) => [side === "FACE" ? x - left : right - x, y - low];
}

/** The same for what is drawn y down from the level of 0, in a box `height` high: an SVG transform. */
export function lookedAt(panel: Panel, side: Side, height: number): string {
  const [x, y] = onFace(panel, side)([0, 0]);
  return `translate(${x} ${height - y}) scale(${side === "FACE" ? 1 : -1} 1)`;
}

/** Where an ornament lies, as its brief says it: from the panel's left and lower edge, in mm. */
export function placeOf(ornament: PlacedOrnament, panel: Panel): { x: number; y: number } {
  const corners = ornament.points.map(onFace(panel, ornament.side));
  return { x: Math.min(...corners.map((c) => c[0])), y: Math.min(...corners.map((c) => c[1])) };
}
