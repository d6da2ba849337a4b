import type { Units } from "../api/types";

const MM_IN_INCH = 25.4;
const EITHER_WAY = 2;
const FINEST = 64;

/**
 * How far a hand misses either way, nearly always: twice the standard deviation, in the card's unit.
 * @param deviation in mm
 */
export function accuracy(deviation: number, units: Units): string {
  const mm = EITHER_WAY * deviation;
  if (units === "METRIC") return `${Math.max(0.1, Math.round(mm * 10) / 10)} mm`;
  let parts = Math.max(1, Math.round((mm / MM_IN_INCH) * FINEST));
  let of = FINEST;
  while (parts % 2 === 0 && of > 1) {
    parts /= 2;
    of /= 2;
  }
  return of === 1 ? `${parts} in` : `${parts}⁄${of} in`;
}
