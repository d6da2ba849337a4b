import { useEffect, useState } from "react";

/** Keeps the screen awake while the page is looked at, where the browser can. */
export function useWake(): boolean {
  const [awake, setAwake] = useState(false);
  useEffect(() => {
    if (!("wakeLock" in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let here = true;
    async function ask() {
      try {
        lock = await navigator.wakeLock.request("screen");
        if (!here) return void lock.release();
        setAwake(true);
        lock.addEventListener("release", () => setAwake(false));
      } catch {
        setAwake(false);
      }
    }
    const look = () => document.visibilityState === "visible" && void ask();
    look();
    document.addEventListener("visibilitychange", look);
    return () => {
      here = false;
      document.removeEventListener("visibilitychange", look);
      void lock?.release();
    };
  }, []);
  return awake;
}

/** The time, told again every so often; never while nobody needs it. */
export function useNow(every: number, needed: boolean): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (!needed) return;
    const tick = setInterval(() => setNow(Date.now()), every);
    return () => clearInterval(tick);
  }, [every, needed]);
  return now;
}
