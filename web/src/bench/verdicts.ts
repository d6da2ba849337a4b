import type { Fit } from "../api/types";

/** How a fit is said and coloured. */
export const VERDICTS: Record<Fit["verdict"], { text: string; look: string }> = {
  FITS: { text: "fits", look: "bg-accent-soft text-ink" },
  SNUG: { text: "snug", look: "bg-warn-soft text-ink" },
  LOOSE: { text: "loose", look: "bg-warn-soft text-ink" },
  TOO_SMALL: { text: "too small", look: "bg-stop-soft text-ink" },
};
