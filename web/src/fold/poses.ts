import type { Folding } from "../api/types";

/** One panel's move: the rotation row by row, then the shift in mm. */
export type Move = readonly number[];

/** A place on the slider that has a name. */
export interface Stop {
  name: string;
  at: number;
}

/** The named stops: motion k leads from position k to k + 1; a gap between two motions is no way. */
export function stops(folding: Folding): Stop[] {
  const names = folding.motions.flatMap((m, i) => (i === 0 ? [m.from, m.to] : [m.to]));
  return names.map((name, at) => ({ name, at }));
}

/** Steps of a whole motion; a blocked one has fewer. */
const steps = (folding: Folding) => Math.max(...folding.motions.map((m) => m.frames.length), 2) - 1;

/** How far the frames go: a blocked motion ends early. */
export function reach(folding: Folding): number {
  const blocked = folding.motions.findIndex((m) => m.blocked);
  if (blocked < 0) return folding.motions.length;
  const motion = folding.motions[blocked];
  return blocked + Math.max(0, (motion?.frames.length ?? 1) - 1) / steps(folding);
}

/**
 * The moves of all panels at a position of the slider, between the two nearest frames.
 * @param at 0 at the first stop, 1 at the second, and so on
 */
export function movesAt(folding: Folding, at: number): Move[] {
  const { motions } = folding;
  const motion = motions[Math.min(Math.max(Math.floor(at), 0), motions.length - 1)];
  if (!motion || motion.frames.length === 0) return [];
  const inMotion = at - motions.indexOf(motion);
  const place = Math.min(Math.max(inMotion * steps(folding), 0), motion.frames.length - 1);
  const before = Math.floor(place);
  const share = place - before;
  const from = motion.frames[before] ?? [];
  const to = motion.frames[Math.min(before + 1, motion.frames.length - 1)] ?? from;
  return from.map((move, panel) => move.map((n, i) => n + share * ((to[panel]?.[i] ?? n) - n)));
}

/** How nearly closed the card is, 0 to 1: closed panels are drawn on each other, not in each other. */
export function closeness(folding: Folding, at: number): number {
  const motion = folding.motions[Math.min(Math.max(Math.floor(at), 0), folding.motions.length - 1)];
  if (!motion) return 0;
  const inMotion = at - folding.motions.indexOf(motion);
  return motion.to === "closed" ? inMotion : motion.from === "closed" ? 1 - inMotion : 0;
}

/** A flat point after a move: [x, y, z] in mm. */
export function moved(move: Move, x: number, y: number): [number, number, number] {
  const m = (i: number) => move[i] ?? 0;
  return [m(0) * x + m(1) * y + m(9), m(3) * x + m(4) * y + m(10), m(6) * x + m(7) * y + m(11)];
}

/** A card of upright scores is cut level and seen from above; one of level scores is cut upright and seen from its side. */
export type Cut = "level" | "upright";

/** Where a place in space lies in the drawing of a section, y down: the front at the foot, or at the right. */
const inSection = ([x, y, z]: readonly number[], cut: Cut): [number, number] =>
  cut === "level" ? [x ?? 0, z ?? 0] : [z ?? 0, -(y ?? 0)];

/** For each panel the stretches [x1, y1, x2, y2] of the drawing at which the plane cuts it. */
export function section(folding: Folding, moves: Move[], cut: Cut, at: number) {
  const axis = cut === "level" ? 1 : 0;
  return folding.panels.map((panel, i) => {
    const move = moves[i];
    if (!move) return [];
    const cuts: [number, number][] = [];
    for (const ring of [panel.points, ...panel.holes]) {
      const corners = ring.map(([x = 0, y = 0]) => moved(move, x, y));
      corners.forEach((a, k) => {
        const b = corners[(k + 1) % corners.length] ?? a;
        if (a[axis] < at !== b[axis] < at) {
          const share = (at - a[axis]) / (b[axis] - a[axis]);
          cuts.push(
            inSection(
              [0, 1, 2].map((n) => (a[n] ?? 0) + share * ((b[n] ?? 0) - (a[n] ?? 0))),
              cut,
            ),
          );
        }
      });
    }
    cuts.sort((p, q) => p[0] - q[0] || p[1] - q[1]);
    const stretches: [number, number, number, number][] = [];
    for (let k = 0; k + 1 < cuts.length; k += 2) {
      const [one, other] = [cuts[k], cuts[k + 1]];
      if (one && other) stretches.push([...one, ...other]);
    }
    return stretches;
  });
}

/** The box around the card at all frames: [least, most] for x, y and z. */
export function bounds(folding: Folding): { least: number[]; most: number[] } {
  const least = [Infinity, Infinity, Infinity];
  const most = [-Infinity, -Infinity, -Infinity];
  for (const motion of folding.motions) {
    for (const frame of motion.frames) {
      folding.panels.forEach((panel, i) => {
        for (const [x = 0, y = 0] of panel.points) {
          moved(frame[i] ?? [], x, y).forEach((v, axis) => {
            least[axis] = Math.min(least[axis] ?? v, v);
            most[axis] = Math.max(most[axis] ?? v, v);
          });
        }
      });
    }
  }
  return { least, most };
}
