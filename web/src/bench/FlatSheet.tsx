import { useId, useRef, useState } from "react";
import type { Mat, Panel, Piece, PlacedOrnament, SheetPhoto } from "../api/types";
import { Drawn } from "../parts/Drawn";
import { useShift } from "../parts/useShift";
import { lengthText, onMarks } from "../state/lengths";
import { useChange, usePlan } from "../state/useBench";
import type { Mark } from "./marks";
import { contains, readableOn } from "../paper/readable";
import { photoAddress } from "../api/client";
import { useBasePhoto } from "./useBasePhoto";
import { RulerScale } from "./RulerScale";
import { LABEL_LINE, ScoreMark } from "./ScoreMark";

interface FlatSheetProps {
  piece: Piece;
  /** All pieces that are drawn to the same scale, itself among them. */
  among?: Piece[];
  mats?: Mat[];
  ornaments?: PlacedOrnament[];
  marked: Mark | null;
  onMark(mark: Mark | null): void;
}

const sizeOf = (piece: Piece) => ({ width: piece.size.width.mm, height: piece.size.height.mm });

/** For each score whose place is said above the piece, the lowest line on which it does not touch the one before. */
function labelLevels(piece: Piece, u: number): Map<string, number> {
  const levels = new Map<string, number>();
  const taken: number[] = [];
  const places = new Map(
    piece.scores
      .filter((s) => s.lie === "UPRIGHT")
      .map((s) => [s.fromStart?.mm ?? 0, s] as const)
      .reverse(),
  );
  for (const [x, score] of [...places].sort(([a], [b]) => a - b)) {
    const half = (score.fromStart?.shown.length ?? 0) * 4.7 * u;
    const free = taken.findIndex((end) => end <= x - half);
    const level = free < 0 ? taken.length : free;
    taken[level] = x + half;
    levels.set(score.id, level);
  }
  return levels;
}

/** What is drawn around a piece. */
function rimOf(piece: Piece, u: number) {
  const hasLevel = piece.scores.some((s) => s.lie === "LEVEL");
  const lines = Math.max(-1, ...labelLevels(piece, u).values());
  return {
    left: 26 * u,
    top: 22 * u,
    label: (29 + LABEL_LINE * lines) * u,
    right: (hasLevel ? 84 : 14) * u,
    bottom: 12 * u,
  };
}

function viewOf(piece: Piece, size: { width: number; height: number }, u: number) {
  const rim = rimOf(piece, u);
  return { width: size.width + rim.left + rim.right, height: size.height + rim.top + rim.label + rim.bottom };
}

/** What is read on the paper that lies there, whatever the colours of the screen. */
function labelInk(panel: Panel, mats: Mat[]): string {
  const [x = 0, y = 0] = panel.inside;
  const top = mats
    .filter((m) => m.side === "FACE" && m.panel === panel.name && contains(m.points, x, y))
    .at(-1);
  return top ? readableOn(top.paper.colour) : "var(--ink)";
}

/** The photograph of the sheet that the base is cut from, as the piece lies on it: scores are placed by it. */
function PhotoUnder({ piece, photo, dx, dy }: { piece: Piece; photo: SheetPhoto; dx: number; dy: number }) {
  const at = usePlan((p) => p.baseAt);
  const id = useId().replace(/[^\w-]/g, "_");
  const height = piece.size.height.mm;
  return (
    <>
      <clipPath id={id}>
        <Drawn d={piece.cut} height={height} clipRule="evenodd" />
      </clipPath>
      <g clipPath={`url(#${id})`} data-testid="photo-under">
        <image
          href={photoAddress(photo.id)}
          x={-photo.x - at.x + dx}
          y={height - (photo.height - photo.y - at.y) - dy}
          width={photo.width}
          height={photo.height}
          preserveAspectRatio="none"
        />
      </g>
    </>
  );
}

/** Moves the picture under the piece: what is dragged to the right is cut from farther left. */
function PhotoGrip({ piece, u, shift }: { piece: Piece; u: number; shift: ReturnType<typeof useShift> }) {
  const x = piece.size.width.mm / 2 + shift.dx;
  const y = piece.size.height.mm - 16 * u - shift.dy;
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label="Picture under the base; arrow keys move it, Enter lays it down"
      className="focus-visible:outline-accent cursor-grab"
      transform={`translate(${x} ${y}) scale(${u})`}
      {...shift.handlers}
    >
      <title>Drag the picture to where the base is to be cut from it</title>
      <circle r={12} fill="var(--raised)" stroke="var(--accent)" strokeWidth={2} />
      <path
        d="M0 -8 V8 M-8 0 H8 M-2.5 -5.5 L0 -8 L2.5 -5.5 M-2.5 5.5 L0 8 L2.5 5.5 M-5.5 -2.5 L-8 0 L-5.5 2.5 M5.5 -2.5 L8 0 L5.5 2.5"
        fill="none"
        stroke="var(--accent)"
        strokeWidth={1.6}
      />
    </g>
  );
}

/** The flat piece to scale between two rulers; its scores are dragged along the tool's grid. */
export function FlatSheet({
  piece,
  among = [piece],
  mats = [],
  ornaments = [],
  marked,
  onMark,
}: FlatSheetProps) {
  const units = usePlan((p) => p.brief.units);
  const at = usePlan((p) => p.baseAt);
  const photo = useBasePhoto();
  /* The first piece is the one whose place on its sheet is kept. */
  const isBase = among[0] === piece;
  const change = useChange();
  const drawing = useRef<SVGSVGElement>(null);
  const width = piece.size.width.mm;
  const height = piece.size.height.mm;
  /* While a score is dragged the scale stays, though the sheet grows or shrinks under the pointer. */
  const [held, setHeld] = useState<{ width: number; height: number } | null>(null);
  const seen = held ?? { width, height };
  /* One screen unit: everything that should look the same at any size is counted in it. */
  const u = Math.max(
    seen.width / 640,
    seen.height / 250,
    ...among.filter((p) => p !== piece).map((p) => Math.max(p.size.width.mm / 640, p.size.height.mm / 250)),
  );
  /* On a strip all panels are as high as the piece; elsewhere both sides have to be said. */
  const isStrip = piece.panels.length > 1 && piece.panels.every((p) => p.size.height.mm === height);
  const rim = rimOf(piece, u);
  const levels = labelLevels(piece, u);
  const view = viewOf(piece, seen, u);
  const place = (mm: number) => lengthText(Math.max(0, onMarks(mm, units)), units);
  const shift = useShift(
    units,
    () => view.width / (drawing.current?.getBoundingClientRect().width ?? view.width),
    (dx, dy) => void change({ baseAt: { x: place(at.x - dx), y: place(at.y - dy) } }),
  );
  const views = among.map((p) => viewOf(p, p === piece ? seen : sizeOf(p), u));
  const widest = Math.max(...views.map((v) => v.width));
  const highest = Math.max(...views.map((v) => v.height));
  return (
    <svg
      ref={drawing}
      viewBox={[-rim.left, -rim.top - rim.label, view.width, view.height].join(" ")}
      style={{
        width: `min(${(100 * view.width) / widest}%, ${(38 * view.width) / highest}vh)`,
        aspectRatio: `${view.width} / ${view.height}`,
      }}
      className="mx-auto block touch-none overflow-visible select-none"
      role="group"
      aria-label={`Flat ${piece.name}, ${piece.size.shown}, face side up`}
    >
      <RulerScale length={width} units={units} u={u} y={-rim.label - 2 * u} />
      <RulerScale length={height} units={units} u={u} x={-4 * u} upright />
      <Drawn d={piece.cut} height={height} fill="var(--card)" stroke="var(--ink)" strokeWidth={1.4 * u} />
      {isBase && photo && <PhotoUnder piece={piece} photo={photo} dx={shift.dx} dy={shift.dy} />}
      {mats
        .filter((m) => m.side === "FACE" && piece.panels.some((p) => p.name === m.panel))
        .map((m, i) => (
          <Drawn key={i} d={m.path} height={height} fill={m.paper.colour} />
        ))}
      {piece.panels.map((panel) => (
        <PanelShape
          key={panel.name}
          panel={panel}
          height={height}
          u={u}
          ink={labelInk(panel, mats)}
          measure={isStrip ? panel.size.width.shown : panel.size.shown}
          isMarked={marked?.kind === "PANEL" && marked.id === panel.name}
          onMark={onMark}
        />
      ))}
      {ornaments
        .filter((o) => o.side === "FACE" && piece.panels.some((p) => p.name === o.panel))
        .map((o) => (
          <Drawn
            key={o.name}
            d={o.path}
            height={height}
            fill={marked?.kind === "ORNAMENT" && marked.id === o.name ? "var(--accent)" : "none"}
            fillOpacity={0.3}
            stroke="var(--ink)"
            strokeWidth={1.2 * u}
            strokeDasharray={`${2 * u} ${3 * u}`}
          >
            <title>{o.name}</title>
          </Drawn>
        ))}
      <GlueAreas piece={piece} u={u} />
      <Runs piece={piece} u={u} />
      {piece.slits.map((s) => (
        <Drawn key={s.id} d={s.path} height={height} fill="none" stroke="var(--ink)" strokeWidth={3 * u} />
      ))}
      {piece.scores.map((score, i) => (
        <ScoreMark
          key={score.id}
          piece={piece}
          score={score}
          u={u}
          level={levels.get(score.id) ?? 0}
          isLabelled={
            piece.scores.findIndex((s) => s.lie === score.lie && s.fromStart?.mm === score.fromStart?.mm) ===
            i
          }
          marked={marked}
          onHold={(holds) => setHeld(holds ? { width, height } : null)}
        />
      ))}
      {photo && isBase && <PhotoGrip piece={piece} u={u} shift={shift} />}
    </svg>
  );
}

/** Where glue goes: hatched, and only outlined where it goes on the back. */
function GlueAreas({ piece, u }: { piece: Piece; u: number }) {
  const id = useId();
  if (piece.glue.length === 0) return null;
  return (
    <>
      <defs>
        <pattern
          id={id}
          width={7 * u}
          height={7 * u}
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <line y2={7 * u} stroke="var(--accent)" strokeOpacity={0.55} strokeWidth={2 * u} />
        </pattern>
      </defs>
      {piece.glue.map((g, i) => (
        <Drawn
          key={i}
          d={g.path}
          height={piece.size.height.mm}
          fill={g.side === "FACE" ? `url(#${id})` : "none"}
          stroke="var(--accent)"
          strokeOpacity={0.7}
          strokeWidth={u}
          strokeDasharray={g.side === "FACE" ? undefined : `${3 * u} ${4 * u}`}
          pointerEvents="none"
        >
          <title>{g.side === "FACE" ? "glue" : "glue on the back"}</title>
        </Drawn>
      ))}
    </>
  );
}

/** The way of what runs on this piece: an arrow as long as it goes. */
function Runs({ piece, u }: { piece: Piece; u: number }) {
  const height = piece.size.height.mm;
  return piece.runs.map((run, i) => {
    const [x1 = 0, y1 = 0] = run.from;
    const [x2 = 0, y2 = 0] = run.to;
    const turned = (Math.atan2(y1 - y2, x2 - x1) * 180) / Math.PI;
    return (
      <g
        key={i}
        stroke="var(--accent)"
        strokeWidth={2 * u}
        fill="none"
        pointerEvents="none"
        data-testid="run"
      >
        <title>{`The ${run.panel} runs ${run.travel.shown} here`}</title>
        <circle cx={x1} cy={height - y1} r={4 * u} fill="var(--raised)" />
        <line x1={x1} y1={height - y1} x2={x2} y2={height - y2} strokeDasharray={`${6 * u} ${4 * u}`} />
        <path
          d={`M${-9 * u} ${-6 * u} L0 0 L${-9 * u} ${6 * u}`}
          transform={`translate(${x2} ${height - y2}) rotate(${turned})`}
        />
        <text
          x={(x1 + x2) / 2 + 8 * u}
          y={height - (y1 + y2) / 2}
          fontSize={12 * u}
          fill="var(--accent)"
          stroke="var(--raised)"
          strokeWidth={3 * u}
          paintOrder="stroke"
        >
          {`runs ${run.travel.shown}`}
        </text>
      </g>
    );
  });
}

interface PanelShapeProps {
  panel: Panel;
  ink: string;
  height: number;
  u: number;
  measure: string;
  isMarked: boolean;
  onMark(mark: Mark | null): void;
}

/** A panel with its name and measure, along it where it is narrow; where neither fits they are said on pointing at it. */
function PanelShape({ panel, ink, height, u, measure, isMarked, onMark }: PanelShapeProps) {
  const [x = 0, y = 0] = panel.inside;
  const [wide, high] = [panel.size.width.mm / u, panel.size.height.mm / u];
  const needed = 7.5 * Math.max(panel.name.length, measure.length);
  const upright = wide < needed && high > wide;
  /* A panel that is no rectangle is narrower than its box: the words' own corners must lie on it. */
  const [across, up] = upright ? [32, needed] : [needed, 32];
  const fits =
    wide >= across &&
    high >= up &&
    [-0.5, 0.5].every((i) =>
      [-0.5, 0.5].every((k) => contains(panel.points, x + i * across * u, y + k * up * u)),
    );
  return (
    <g onClick={() => onMark(isMarked ? null : { kind: "PANEL", id: panel.name })}>
      <title>{`${panel.name}, ${panel.size.shown}`}</title>
      <Drawn
        d={panel.path}
        height={height}
        fill={isMarked ? "var(--accent)" : "transparent"}
        fillOpacity={isMarked ? 0.22 : 1}
      />
      {fits && (
        <text
          textAnchor="middle"
          fontSize={13 * u}
          fill={ink}
          transform={`translate(${x} ${height - y}) ${upright ? "rotate(-90)" : ""}`}
        >
          <tspan x={0} dy={-3 * u} fontWeight={700}>
            {panel.name}
          </tspan>
          <tspan x={0} dy={16 * u} fontSize={14 * u}>
            {measure}
          </tspan>
        </text>
      )}
    </g>
  );
}
