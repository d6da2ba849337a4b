import { useRef, useState, type PointerEvent, type RefObject } from "react";
import type { Piece, Score } from "../api/types";
import { points } from "../parts/shapes";
import { dragTarget } from "../state/drag";
import { pretty } from "../state/lengths";
import { useBenchStore, usePlan } from "../state/useBench";
import type { Mark } from "./marks";
import { useGrids } from "./useTables";

/** Line patterns by the Yoshizawa-Randlett convention: valley dashed, mountain dash-dot; in units of the line's width. */
const PATTERN = { VALLEY: "7 4", MOUNTAIN: "9 3 1.5 3" };

/** From one line of labels to the next, in units. */
export const LABEL_LINE = 17;

interface ScoreMarkProps {
  piece: Piece;
  score: Score;
  u: number;
  /** How many labels its own stands above, so that close scores stay readable. */
  level: number;
  /** Of scores at the same place only the first says where it is. */
  isLabelled: boolean;
  marked: Mark | null;
  /** Said when a drag begins and when it ends. */
  onHold(holds: boolean): void;
}

/** A score on the flat sheet, with its position and, where a parameter moves it, a handle. */
export function ScoreMark({ piece, score, u, level, isLabelled, marked, onHold }: ScoreMarkProps) {
  const line = useRef<SVGGElement>(null);
  const drag = useScoreDrag(score, line, onHold);
  const { ghost } = drag;
  const height = piece.size.height.mm;
  const x = score.fromStart?.mm ?? 0;
  const alike = piece.scores.filter((s) => s.lie === score.lie && s.fromStart?.mm === score.fromStart?.mm);
  const rightEnd = Math.max(...alike.flatMap((s) => s.path.map((p) => p[0] ?? 0)));
  const sign = alike.some((s) => s.fold !== score.fold) ? "" : score.fold === "MOUNTAIN" ? "∧ " : "∨ ";
  const isMarked = marked?.kind === "SCORE" && marked.id === score.id;
  const colour = isMarked || ghost !== null ? "var(--accent)" : "var(--ink)";
  const handle = score.handle;

  const label = -14 * u - level * LABEL_LINE * u;
  return (
    <g ref={line}>
      <polyline
        points={points(score.path, height)}
        fill="none"
        stroke={colour}
        strokeWidth={2 * u}
        strokeDasharray={PATTERN[score.fold]
          .split(" ")
          .map((n) => Number(n) * u)
          .join(" ")}
      />
      {ghost !== null && ghost !== x && (
        <line x1={ghost} y1={-8 * u} x2={ghost} y2={height} stroke="var(--accent)" strokeWidth={u} />
      )}
      {isLabelled && score.fromStart && score.lie === "UPRIGHT" && (
        <>
          <line x1={x} y1={0} x2={x} y2={label + 3 * u} stroke={colour} strokeWidth={0.7 * u} />
          <text x={x} y={label} textAnchor="middle" fontSize={14 * u} fontWeight={700} fill={colour}>
            {score.fromStart.shown}
          </text>
          <path
            d={
              score.fold === "MOUNTAIN"
                ? `M${-6 * u} 0 L0 ${-7 * u} L${6 * u} 0`
                : `M${-6 * u} ${-7 * u} L0 0 L${6 * u} ${-7 * u}`
            }
            transform={`translate(${x} ${-2 * u})`}
            fill="none"
            stroke={colour}
            strokeWidth={2 * u}
          />
        </>
      )}
      {isLabelled && score.fromStart && score.lie === "LEVEL" && (
        <text
          x={rightEnd + 6 * u}
          y={height - score.fromStart.mm + 5 * u}
          fontSize={14 * u}
          fontWeight={700}
          fill={colour}
        >
          {sign}
          {score.fromStart.shown}
        </text>
      )}
      {handle && score.fromStart && (
        <rect
          role="slider"
          tabIndex={0}
          aria-label={`${score.id}, ${score.fold.toLowerCase()}`}
          aria-orientation="horizontal"
          aria-valuemin={handle.leastMm}
          aria-valuemax={handle.mostMm}
          aria-valuenow={x}
          aria-valuetext={pretty(score.fromStart.text)}
          x={x - 9 * u}
          y={-8 * u}
          width={18 * u}
          height={height + 8 * u}
          fill="transparent"
          className="cursor-ew-resize"
          onPointerDown={drag.begin}
          onPointerMove={drag.move}
          onPointerUp={drag.end}
          onPointerCancel={drag.cancel}
          onKeyDown={(e) => {
            const steps = {
              ArrowRight: 1,
              ArrowUp: 1,
              ArrowLeft: -1,
              ArrowDown: -1,
              PageUp: 4,
              PageDown: -4,
            }[e.key];
            if (steps) {
              e.preventDefault();
              drag.nudge(steps);
            }
          }}
        />
      )}
    </g>
  );
}

/** Dragging a score: the plan follows on the tool's grid while the pointer moves, and is kept when it is let go. */
function useScoreDrag(score: Score, line: RefObject<SVGGElement | null>, onHold: (holds: boolean) => void) {
  const ruler = usePlan((p) => p.brief.tools.ruler);
  const store = useBenchStore();
  const grid = useGrids().find((g) => g.name === ruler)?.mm ?? 1;
  const x = score.fromStart?.mm ?? 0;
  /** Where the dragged score would lie, in mm; null while none is. */
  const [ghost, setGhost] = useState<number | null>(null);
  /* The score under a drag moves; the drag is always reckoned from where it began. */
  const start = useRef({ score, grab: 0 });

  const under = (e: PointerEvent) => {
    const matrix = line.current?.getScreenCTM();
    return matrix ? new DOMPoint(e.clientX, e.clientY).matrixTransform(matrix.inverse()).x : x;
  };
  const target = (e: PointerEvent) => dragTarget(start.current.score, under(e) - start.current.grab, grid);
  const letGo = () => {
    setGhost(null);
    onHold(false);
  };

  return {
    ghost,
    begin(e: PointerEvent<SVGElement>) {
      e.currentTarget.setPointerCapture(e.pointerId);
      start.current = { score, grab: under(e) - x };
      setGhost(x);
      onHold(true);
    },
    move(e: PointerEvent) {
      if (ghost === null || target(e) === ghost) return;
      setGhost(target(e));
      void store.previewMove(score.id, target(e));
    },
    end(e: PointerEvent) {
      if (ghost === null) return;
      const at = target(e);
      letGo();
      if (at !== start.current.score.fromStart?.mm) void store.move(score.id, at);
      else store.dropPreview();
    },
    cancel() {
      letGo();
      store.dropPreview();
    },
    /* From where it lies by then, so that quick keys do not lose each other. */
    nudge(steps: number) {
      void store.move(score.id, (now) => {
        const there = now.pieces.flatMap((p) => p.scores).find((s) => s.id === score.id);
        const mm = there?.fromStart?.mm;
        if (!there || mm === undefined) return null;
        const at = dragTarget(there, (Math.round(mm / grid) + steps) * grid, grid);
        return at === mm ? null : at;
      });
    },
  };
}
