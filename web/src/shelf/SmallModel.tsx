import { useMemo } from "react";
import type { Folding } from "../api/types";
import { drawn, viewBox } from "./projection";

/** A fold as a small drawing that moves, made from its own structure. */
export function SmallModel({ folding, at }: { folding: Folding; at: number }) {
  const box = useMemo(() => viewBox(folding), [folding]);
  const size = Number(box.split(" ")[2]);
  return (
    <svg viewBox={box} className="h-28 w-full" aria-hidden>
      {drawn(folding, at).map((panel) => (
        <polygon
          key={panel.id}
          points={panel.points.map((p) => p.join(",")).join(" ")}
          fill={panel.showsFace ? "var(--card)" : "var(--card-back)"}
          stroke="var(--ink)"
          strokeWidth={size * 0.008}
          strokeLinejoin="round"
        />
      ))}
    </svg>
  );
}
