import type { Units } from "../api/types";

/** Fractions that are one sign. */
export const READY_MADE: Record<string, string> = { "1/2": "½", "1/4": "¼", "3/4": "¾" };

/**
 * Sets plain fractions as a maker writes them.
 * @example pretty("5 1/2 in") // "5½ in"
 */
export function pretty(text: string): string {
  return text.replace(/(\d+ )?(\d+)\/(\d+)/g, (_, whole: string | undefined, top: string, bottom: string) => {
    const fraction = READY_MADE[`${top}/${bottom}`];
    const before = whole?.trim() ?? "";
    return fraction ? before + fraction : `${before}${before ? "\u202f" : ""}${top}\u2044${bottom}`;
  });
}

/** The unit that a bare number is read in. */
export const symbol = (units: Units) => (units === "INCH" ? "in" : "mm");

export const unitsOf = (text: string): Units => (/mm|cm/.test(text) ? "METRIC" : "INCH");

/**
 * What was typed with the unit that it was meant in: a bare number keeps its meaning when the units are switched.
 * @example withUnit("5 1/2", "INCH") // "5 1/2 in"
 */
export const withUnit = (text: string, units: Units) =>
  /^[\d\s.,/\-\u00bc-\u00be\u2044\u2150-\u215e]+$/.test(text)
    ? `${text.trim()} ${symbol(units)}`
    : text.trim();

/** Millimetres as text that the server reads back to the nearest 1/640 mm. */
export const mmText = (mm: number) => `${Number(mm.toFixed(7))} mm`;

/**
 * A millimetre length as text in the maker's unit where it is exact there (inches to 1/64).
 * @example lengthText(69.85, "INCH") // "2 3/4 in"
 */
export function lengthText(mm: number, units: Units): string {
  const sixtyFourths = Math.round((mm / 25.4) * 64);
  if (units === "METRIC" || Math.abs((sixtyFourths * 25.4) / 64 - mm) > 1e-6) return mmText(mm);
  const whole = Math.trunc(sixtyFourths / 64);
  let top = Math.abs(sixtyFourths % 64);
  let bottom = 64;
  while (top !== 0 && top % 2 === 0) {
    top /= 2;
    bottom /= 2;
  }
  if (top === 0) return `${whole} in`;
  const sign = sixtyFourths < 0 && whole === 0 ? "-" : "";
  return `${sign}${whole === 0 ? "" : `${whole} `}${top}/${bottom} in`;
}

const EXACT = /^(-)?(?:(\d+(?:\.\d+)?)(?= ))?\s*(?:(\d+)\/(\d+))? (in|mm)$/;

/**
 * A length as the server writes it exactly, in mm.
 * @example mmOf("-1 3/4 in") // -44.45
 */
export function mmOf(text: string): number {
  const [, minus, whole = "0", top = "0", bottom = "1", unit] = EXACT.exec(text) ?? [];
  const length = (Number(whole) + Number(top) / Number(bottom)) * (unit === "in" ? 25.4 : 1);
  return unit === undefined ? NaN : minus ? -length : length;
}

/**
 * Nearest multiple of a step, kept within bounds that need not lie on the grid.
 * @example snap(7.4, 2.5, 0, 100) // 7.5
 */
export function snap(mm: number, step: number, least: number, most: number): number {
  const up = Math.ceil(least / step - 1e-9) * step;
  const down = Math.floor(most / step + 1e-9) * step;
  const nearest = Math.round(mm / step) * step;
  return Math.min(Math.max(nearest, up), down);
}

/** To the maker's marks, mm: a sixteenth of an inch, or a millimetre. */
export function onMarks(mm: number, units: Units): number {
  const step = units === "INCH" ? 25.4 / 16 : 1;
  return Math.round(mm / step) * step;
}
