import { useEffect, useState } from "react";

const FRAMES_PER_SECOND = 20;

/** Seconds since it began to run; stands still for makers who want little motion. */
export function useClock(runs: boolean): number {
  const [seconds, setSeconds] = useState(0);
  useEffect(() => {
    if (!runs || matchMedia("(prefers-reduced-motion: reduce)").matches) return;
    const start = performance.now();
    const timer = setInterval(() => setSeconds((performance.now() - start) / 1000), 1000 / FRAMES_PER_SECOND);
    return () => clearInterval(timer);
  }, [runs]);
  return seconds;
}

/**
 * A position that goes to and fro between 0 and `most`, resting at both ends.
 * @example toAndFro(0, 2) // 0
 */
export function toAndFro(seconds: number, most: number, secondsPerUnit = 2.2): number {
  const way = most * secondsPerUnit;
  const phase = (seconds % (2 * way)) / way;
  const share = phase < 1 ? phase : 2 - phase;
  return most * share * share * (3 - 2 * share);
}
