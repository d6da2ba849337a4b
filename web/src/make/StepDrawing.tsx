import type { Sketch } from "../api/types";
import { Drawn } from "../parts/Drawn";

type Area = Sketch["areas"][number];
type Stroke = Sketch["strokes"][number];

const FILLS: Record<Area["surface"], string> = {
  FACE: "var(--card)",
  BACK: "var(--card-back)",
  NOW: "var(--accent-soft)",
  MAT: "var(--accent-soft)",
  LAID: "var(--paper-face)",
  GLUE: "url(#glue-hatch)",
  GONE: "var(--ground)",
};

/** Of the drawing's longer side. */
const MARGIN = 0.1;
const TYPE = 0.042;
const LETTER = 0.58;

/** One step as it lies on the table: what is done now stands out, everything else is quiet. */
export function StepDrawing({
  sketch,
  name,
  large = 1,
  highest = "max-h-[58vh]",
}: {
  sketch: Pick<Sketch, "areas" | "strokes">;
  name: string;
  /** Of a small drawing the numbers are so many times as large. */
  large?: number;
  highest?: string;
}) {
  const box = around(sketch);
  const long = Math.max(box.width, box.height * 1.25);
  const margin = long * MARGIN;
  const type = long * TYPE * large;
  const y = (v: number) => box.bottom + box.height - v;
  return (
    <svg
      role="img"
      aria-label={name}
      viewBox={`${box.left - margin} ${-margin} ${box.width + 2 * margin} ${box.height + 2 * margin}`}
      className={`h-full w-full ${highest}`}
    >
      <defs>
        <pattern
          id="glue-hatch"
          width={type * 0.6}
          height={type * 0.6}
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <line x1="0" y1="0" x2="0" y2={type * 0.6} stroke="var(--warn)" strokeWidth={type * 0.18} />
        </pattern>
      </defs>
      {sketch.areas.map((area, i) => (
        <g key={i}>
          <Drawn
            d={area.path}
            height={box.bottom + box.height}
            fill={FILLS[area.surface]}
            fillOpacity={area.surface === "LAID" ? 0.85 : 1}
            stroke={area.surface === "GLUE" ? "var(--warn)" : "var(--edge)"}
            strokeWidth={type * (area.surface === "NOW" || area.surface === "LAID" ? 0.14 : 0.07)}
            strokeDasharray={area.surface === "GONE" ? `${type * 0.4} ${type * 0.25}` : undefined}
          />
          <AreaLabel area={area} y={y} type={type} />
        </g>
      ))}
      {sketch.strokes.map((stroke, i) => (
        <StrokeLine key={i} stroke={stroke} y={y} type={type} />
      ))}
      <StrokeLabels strokes={sketch.strokes} y={y} type={type} />
    </svg>
  );
}

function AreaLabel({ area, y, type }: { area: Area; y(v: number): number; type: number }) {
  if (!area.label) return null;
  const xs = area.points.map(([x = 0]) => x);
  const ys = area.points.map(([, v = 0]) => v);
  const width = Math.max(...xs) - Math.min(...xs);
  const height = Math.max(...ys) - Math.min(...ys);
  const along = height > 1.4 * width;
  const size = Math.min(type, ((along ? height : width) * 0.95) / (area.label.length * LETTER));
  if (size < type * 0.4) return null;
  const cx = (Math.max(...xs) + Math.min(...xs)) / 2;
  const cy = y((Math.max(...ys) + Math.min(...ys)) / 2);
  return (
    <text
      x={cx}
      y={cy}
      dy="0.35em"
      textAnchor="middle"
      fontSize={size}
      fill={area.surface === "LAID" ? "#26211a" : "var(--ink)"}
      fontWeight={600}
      transform={along ? `rotate(-90 ${cx} ${cy})` : undefined}
    >
      {area.label}
    </text>
  );
}

function StrokeLine({ stroke, y, type }: { stroke: Stroke; y(v: number): number; type: number }) {
  const [x1 = 0, v1 = 0] = stroke.from;
  const [x2 = 0, v2 = 0] = stroke.to;
  const line = { d: stroke.path, height: y(0), fill: "none" };
  const dash = (...parts: number[]) => parts.map((p) => p * type).join(" ");
  switch (stroke.line) {
    case "OTHER":
      return (
        <Drawn
          {...line}
          stroke="var(--quiet)"
          strokeOpacity={0.55}
          strokeWidth={type * 0.05}
          strokeDasharray={dash(0.3, 0.3)}
        />
      );
    case "SCORE":
      return <Drawn {...line} stroke="var(--accent)" strokeWidth={type * 0.28} strokeLinecap="round" />;
    case "SLIT":
      return <Drawn {...line} stroke="var(--stop)" strokeWidth={type * 0.22} strokeLinecap="round" />;
    case "VALLEY":
      return (
        <Drawn {...line} stroke="var(--accent)" strokeWidth={type * 0.2} strokeDasharray={dash(0.7, 0.4)} />
      );
    case "MOUNTAIN":
      return (
        <Drawn
          {...line}
          stroke="var(--accent)"
          strokeWidth={type * 0.2}
          strokeDasharray={dash(1, 0.3, 0.1, 0.3)}
        />
      );
    case "PENCIL":
      return <Drawn {...line} stroke="var(--ink)" strokeWidth={type * 0.16} />;
    case "RULER":
      return <Drawn {...line} stroke="var(--ink)" strokeOpacity={0.28} strokeWidth={type * 0.75} />;
    case "FENCE":
      return <Drawn {...line} stroke="var(--ink)" strokeWidth={type * 0.4} strokeOpacity={0.75} />;
    case "WAY":
      return <Arrow x1={x1} y1={y(v1)} x2={x2} y2={y(v2)} type={type} />;
    case "TOP":
      return <Arrow x1={x1} y1={y(v1)} x2={x2} y2={y(v2)} type={type * 0.8} colour="var(--ink)" />;
    case "SIZE":
      return null;
  }
}

interface ArrowProps {
  x1: number;
  y1: number;
  x2: number;
  y2: number;
  type: number;
  colour?: string;
}

function Arrow({ x1, y1, x2, y2, type, colour = "var(--accent)" }: ArrowProps) {
  const length = Math.hypot(x2 - x1, y2 - y1) || 1;
  const head = Math.min(type, length * 0.45);
  const [dx, dy] = [((x2 - x1) / length) * head, ((y2 - y1) / length) * head];
  return (
    <g stroke={colour} strokeWidth={head * 0.25} fill="none" strokeLinecap="round">
      <path d={`M${x1},${y1} L${x2},${y2}`} />
      <path
        d={`M${x2 - dx + dy * 0.6},${y2 - dy - dx * 0.6} L${x2},${y2} L${x2 - dx - dy * 0.6},${y2 - dy + dx * 0.6}`}
      />
    </g>
  );
}

/** Numbers beside their lines: of upright ones above, of level ones at the right; close ones climb. */
function StrokeLabels({ strokes, y, type }: { strokes: Stroke[]; y(v: number): number; type: number }) {
  const rows: number[] = [];
  return (
    <>
      {strokes.map((stroke, i) => {
        if (!stroke.label) return null;
        const [x1 = 0, v1 = 0] = stroke.from;
        const [x2 = 0, v2 = 0] = stroke.to;
        const upright = Math.abs(x2 - x1) < Math.abs(v2 - v1);
        const width = stroke.label.length * LETTER * type;
        if (stroke.line === "SIZE")
          return upright ? (
            <Number key={i} x={x1 - type * 0.5} y={y((v1 + v2) / 2)} turned text={stroke.label} type={type} />
          ) : (
            <Number key={i} x={(x1 + x2) / 2} y={y(v1) + type * 1.25} text={stroke.label} type={type} />
          );
        if (stroke.line === "RULER") {
          const beside = (type * 0.95) / (Math.hypot(x2 - x1, v2 - v1) || 1);
          return (
            <Number
              key={i}
              x={(x1 + x2) / 2 + (v2 - v1) * beside}
              y={y((v1 + v2) / 2 - (x2 - x1) * beside) + type * 0.35}
              text={stroke.label}
              type={type}
            />
          );
        }
        if (!upright)
          return (
            <Number key={i} x={Math.max(x1, x2)} y={y(v2) - type * 0.3} end text={stroke.label} type={type} />
          );
        const row = rows.findIndex((right) => x1 - width / 2 > right + type * 0.3);
        const at = row < 0 ? rows.length : row;
        rows[at] = x1 + width / 2;
        return (
          <Number
            key={i}
            x={x1}
            y={y(Math.max(v1, v2)) - type * (0.45 + at * 1.1)}
            text={stroke.label}
            type={type}
          />
        );
      })}
    </>
  );
}

interface NumberProps {
  x: number;
  y: number;
  text: string;
  type: number;
  turned?: boolean;
  end?: boolean;
}

function Number({ x, y, text, type, turned, end }: NumberProps) {
  return (
    <text
      x={x}
      y={y}
      textAnchor={end ? "end" : "middle"}
      fontSize={type}
      fontWeight={700}
      fill="var(--ink)"
      stroke="var(--raised)"
      strokeWidth={type * 0.2}
      paintOrder="stroke"
      transform={turned ? `rotate(-90 ${x} ${y})` : undefined}
    >
      {text}
    </text>
  );
}

function around(sketch: Pick<Sketch, "areas" | "strokes">) {
  const arrows = sketch.strokes.filter((s) => s.line === "WAY");
  const corners = [...sketch.areas.flatMap((a) => a.points), ...arrows.flatMap((a) => [a.from, a.to])];
  const xs = corners.map(([x = 0]) => x);
  const ys = corners.map(([, v = 0]) => v);
  const left = Math.min(...xs);
  const bottom = Math.min(...ys);
  return { left, bottom, width: Math.max(...xs) - left, height: Math.max(...ys) - bottom };
}
