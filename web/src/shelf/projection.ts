import { movesAt, moved } from "../fold/poses";
import type { Folding } from "../api/types";

const YAW = -0.38;
const PITCH = 0.34;

/** One panel as it is drawn: its outline on the screen, y down, and which side shows. */
export interface Drawn {
  name: string;
  points: [number, number][];
  holes: [number, number][][];
  depth: number;
  showsFace: boolean;
}

/** A place in space as seen from a little left and above: [x, y down, towards the eye], without perspective. */
export function seen([x, y, z]: readonly [number, number, number]): [number, number, number] {
  const across = x * Math.cos(YAW) + z * Math.sin(YAW);
  const away = -x * Math.sin(YAW) + z * Math.cos(YAW);
  return [
    across,
    -(y * Math.cos(PITCH) - away * Math.sin(PITCH)),
    away * Math.cos(PITCH) + y * Math.sin(PITCH),
  ];
}

/** All panels at a position of the slider, the farthest first; on the closed card in the order they lie. */
export function drawn(folding: Folding, at: number): Drawn[] {
  const moves = movesAt(folding, at);
  return folding.panels
    .map((panel, i) => {
      const onScreen = (ring: number[][]) => ring.map(([x = 0, y = 0]) => seen(moved(moves[i] ?? [], x, y)));
      const flat = (ring: [number, number, number][]) => ring.map((c) => [c[0], c[1]] as [number, number]);
      const corners = onScreen(panel.points);
      const depth = corners.reduce((sum, c) => sum + c[2], 0) / corners.length + 0.02 * panel.layer;
      return {
        name: panel.name,
        points: flat(corners),
        holes: panel.holes.map((ring) => flat(onScreen(ring))),
        depth,
        showsFace: signedArea(corners) < 0,
      };
    })
    .sort((a, b) => a.depth - b.depth);
}

/** Twice the area of a ring on the screen; negative when it runs counterclockwise as seen there. */
function signedArea(corners: readonly (readonly number[])[]): number {
  return corners.reduce((sum, [x = 0, y = 0], i) => {
    const [nx = 0, ny = 0] = corners[(i + 1) % corners.length] ?? [];
    return sum + x * ny - nx * y;
  }, 0);
}

/** The view box that holds the card at every frame. */
export function viewBox(folding: Folding): string {
  const points = folding.motions.flatMap((m, k) =>
    m.frames.flatMap((_, f) =>
      drawn(folding, k + f / Math.max(m.frames.length - 1, 1)).flatMap((d) => d.points),
    ),
  );
  const xs = points.map((p) => p[0]);
  const ys = points.map((p) => p[1]);
  const [x, y] = [Math.min(...xs), Math.min(...ys)];
  const [w, h] = [Math.max(...xs) - x, Math.max(...ys) - y];
  const rim = 0.04 * Math.max(w, h);
  return [x - rim, y - rim, w + 2 * rim, h + 2 * rim].join(" ");
}
