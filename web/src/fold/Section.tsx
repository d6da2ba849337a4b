import { Saved } from "../parts/Saved";
import { useMemo } from "react";
import type { Folding } from "../api/types";
import { usePlan } from "../state/useBench";
import { bounds, movesAt, section, type Cut } from "./poses";

interface SectionProps {
  folding: Folding;
  at: number;
  marked: string | null;
  onMark(panel: string): void;
}

/** A little off the middle, where no slit is expected. */
const PLACE = 0.47;

const WORDS: Record<Cut, { name: string; caption: string }> = {
  level: { name: "Section from above", caption: "cut half-way up, seen from above; its front at the foot" },
  upright: {
    name: "Section from the side",
    caption: "cut upright, seen from the side; its front at the right",
  },
};

/** The card cut through where its scores show as points. */
export function Section({ folding, at, marked, onMark }: SectionProps) {
  const pieces = usePlan((p) => p.pieces);
  const cut: Cut = pieces.some((p) => p.scores.some((s) => s.lie === "UPRIGHT")) ? "level" : "upright";
  /* Over all frames: not to be reckoned again at every touch of the slider. */
  const { least, most } = useMemo(() => bounds(folding), [folding]);
  const [x = 0, y = 0, z = 0] = least;
  const [right = 0, top = 0, near = 0] = most;
  const place = cut === "level" ? y + PLACE * (top - y) : x + PLACE * (right - x);
  const [left, upper, wide, high] =
    cut === "level" ? [x, z, right - x, near - z] : [z, -top, near - z, top - y];
  const rim = 0.08 * Math.max(wide, high);
  const stroke = 0.014 * Math.max(wide, high);
  return (
    <Saved name={WORDS[cut].name}>
      <figure className="m-0 flex h-64 flex-col">
        <svg
          viewBox={`${left - rim} ${upper - rim} ${wide + 2 * rim} ${high + 2 * rim}`}
          className="min-h-0 grow"
          role="img"
          aria-label={WORDS[cut].name}
        >
          {section(folding, movesAt(folding, at), cut, place).map((lines, i) => {
            const panel = folding.panels[i];
            if (!panel) return null;
            const isMarked = panel.name === marked;
            return (
              <g key={panel.name} onClick={() => onMark(panel.name)} className="cursor-pointer">
                {lines.map(([x1, y1, x2, y2], k) => (
                  <g key={k}>
                    <line
                      {...{ x1, y1, x2, y2 }}
                      stroke={isMarked ? "var(--accent)" : panel.clear ? "var(--quiet)" : "var(--ink)"}
                      strokeWidth={isMarked ? 2 * stroke : panel.clear ? 0.5 * stroke : stroke}
                      strokeLinecap="round"
                    />
                    <line {...{ x1, y1, x2, y2 }} stroke="transparent" strokeWidth={6 * stroke} />
                  </g>
                ))}
              </g>
            );
          })}
        </svg>
        <figcaption className="text-quiet text-center text-sm">{WORDS[cut].caption}</figcaption>
      </figure>
    </Saved>
  );
}
