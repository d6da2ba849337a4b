import type { CutterRun } from "../api/types";

/** Where a machine is at a moment. */
export interface Moment {
  /** Index of the leg that is being gone; past the last when it is done. */
  leg: number;
  /** mm on the bed. */
  head: [number, number];
  down: boolean;
  /** What of the leg has been gone, as points. */
  gone: number[][];
}

const place = (p: number[] | undefined): [number, number] => [p?.[0] ?? 0, p?.[1] ?? 0];

/** The first so many mm of a line. */
export function begin(points: number[][], mm: number): number[][] {
  const gone = points.slice(0, 1);
  let left = mm;
  for (let i = 1; i < points.length; i++) {
    const [x1, y1] = place(points[i - 1]);
    const [x2, y2] = place(points[i]);
    const length = Math.hypot(x2 - x1, y2 - y1);
    if (length > left) {
      const share = length === 0 ? 0 : left / length;
      gone.push([x1 + share * (x2 - x1), y1 + share * (y2 - y1)]);
      return gone;
    }
    gone.push([x2, y2]);
    left -= length;
  }
  return gone;
}

export const long = (points: number[][]) =>
  points.slice(1).reduce((sum, p, i) => {
    const [x1, y1] = place(points[i]);
    const [x2, y2] = place(p);
    return sum + Math.hypot(x2 - x1, y2 - y1);
  }, 0);

/** @param seconds since the beginning */
export function momentAt(run: CutterRun, seconds: number): Moment {
  let from = 0;
  for (const [i, leg] of run.legs.entries()) {
    if (seconds < from + leg.seconds) {
      const lift = leg.stroke < 0 ? 0 : Math.min(run.machine.lift, leg.seconds / 2);
      const inLeg = seconds - from - lift;
      const moving = leg.seconds - 2 * lift;
      const share = moving <= 0 ? 1 : Math.min(1, Math.max(0, inLeg / moving));
      const gone = begin(leg.points, share * long(leg.points));
      return { leg: i, head: place(gone[gone.length - 1]), down: leg.stroke >= 0 && inLeg >= 0, gone };
    }
    from += leg.seconds;
  }
  return { leg: run.legs.length, head: [0, 0], down: false, gone: [] };
}

/** "2 min 5 s". */
export function lasting(seconds: number): string {
  const whole = Math.round(seconds);
  return whole < 60 ? `${whole} s` : `${Math.floor(whole / 60)} min ${whole % 60} s`;
}
