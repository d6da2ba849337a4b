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
        <path
          key={panel.name}
          d={[panel.points, ...panel.holes]
            .map((ring) => `M${ring.map((p) => p.join(",")).join(" ")}Z`)
            .join(" ")}
          fillRule="evenodd"
          fill={panel.showsFace ? "var(--card)" : "var(--card-back)"}
          stroke="var(--ink)"
          strokeWidth={size * 0.008}
          strokeLinejoin="round"
        />
      ))}
    </svg>
  );
}
