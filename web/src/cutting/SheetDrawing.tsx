import { useRef } from "react";
import type { CutPass, LaidPart, PaperCutting, SheetCutting, Units } from "../api/types";
import { SheetFill } from "../papers/SheetPicture";
import { Drawn } from "../parts/Drawn";
import { useShift } from "../parts/useShift";
import { onMarks } from "../state/lengths";

interface SheetDrawingProps {
  paper: PaperCutting;
  sheet: SheetCutting;
  units: Units;
  /** The cut that is pointed at. */
  pass: number | null;
  onPass(number: number | null): void;
  /** A part is wanted elsewhere, mm from the lower left corner; absent where nothing may be moved. */
  onMove?(part: LaidPart, x: number, y: number): void;
}

/** Room around the sheet for the cuts' numbers, share of its longer side. */
const MARGIN = 0.07;

/** A sheet to scale: parts with their names, cuts with their numbers, what is kept. */
export function SheetDrawing({ paper, sheet, units, pass, onPass, onMove }: SheetDrawingProps) {
  const width = sheet.size.width.mm;
  const height = sheet.size.height.mm;
  const long = Math.max(width, height);
  const margin = long * MARGIN;
  const type = long / 30;
  const svg = useRef<SVGSVGElement>(null);
  const pointed = sheet.passes.find((p) => p.number === pass);
  const numbered = apart(sheet.passes, type, height);
  return (
    <svg
      ref={svg}
      role="group"
      aria-label={`Sheet ${sheet.number}, ${sheet.name}, ${sheet.size.shown}`}
      viewBox={`${-margin} ${-margin} ${width + 2 * margin} ${height + 2 * margin}`}
      className="max-h-[62vh] w-full touch-none select-none"
    >
      <SheetFill
        width={width}
        height={height}
        colour={paper.colour}
        print={paper.print}
        photo={sheet.photo}
      />
      {sheet.rests.map((rest, i) => (
        <g key={i}>
          <rect
            x={rest.x}
            y={height - rest.y - rest.size.height.mm}
            width={rest.size.width.mm}
            height={rest.size.height.mm}
            fill="var(--sunken)"
            fillOpacity={rest.kept ? 0.72 : 0.9}
          />
          {rest.kept && (
            <Words
              x={rest.x + rest.size.width.mm / 2}
              y={height - rest.y - rest.size.height.mm / 2}
              width={rest.size.width.mm}
              height={rest.size.height.mm}
              type={type}
              lines={["keep", rest.size.shown]}
              quiet
            />
          )}
        </g>
      ))}
      {sheet.parts.map((part) => (
        <PartShape
          key={part.blank}
          part={part}
          height={height}
          type={type}
          scale={() => {
            const box = svg.current?.getBoundingClientRect();
            return box && box.width > 0
              ? Math.max((width + 2 * margin) / box.width, (height + 2 * margin) / box.height)
              : 1;
          }}
          units={units}
          onMove={onMove && ((x, y) => onMove(part, x, y))}
        />
      ))}
      {paper.print === "UPRIGHT" && !sheet.photo && <Up x={width - margin / 2} y={-margin / 2} size={type} />}
      {pointed && <InHand pass={pointed} height={height} />}
      {sheet.passes.map((p) => (
        <CutLine
          key={p.number}
          pass={p}
          height={height}
          type={type}
          marked={p.number === pass}
          numbered={p.number === pass || numbered.has(p.number)}
          onPoint={(on) => onPass(on ? p.number : null)}
        />
      ))}
    </svg>
  );
}

interface WordsProps {
  x: number;
  y: number;
  /** Of the part, mm. */
  width: number;
  height: number;
  type: number;
  lines: string[];
  quiet?: boolean;
}

/** Half the width of a letter, and the height of a line, to its size. */
const LETTER = 0.56;
const LINE = 1.15;

/** Centred lines, along the longer side, smaller where there is little room; none where nobody could read them. */
function Words({ x, y, width, height, type, lines, quiet }: WordsProps) {
  const along = height > width * 1.4;
  const [room, high] = along ? [height, width] : [width, height];
  const fits = (count: number) => {
    const longest = Math.max(...lines.slice(-count).map((l) => l.length));
    return Math.min(type, (room * 0.94) / (longest * LETTER), (high * 0.9) / (count * LINE));
  };
  const count = fits(lines.length) >= type * 0.6 ? lines.length : 1;
  const size = fits(count);
  if (size < type * 0.45) return null;
  return (
    <text
      textAnchor="middle"
      transform={along ? `rotate(-90 ${x} ${y})` : undefined}
      fontSize={size}
      fill={quiet ? "var(--ink)" : "#26211a"}
      fontWeight={quiet ? 400 : 600}
      stroke={quiet ? "none" : "#fffdf7"}
      strokeWidth={quiet ? 0 : size / 5}
      paintOrder="stroke"
      pointerEvents="none"
    >
      {lines.slice(-count).map((line, i) => (
        <tspan key={i} x={x} y={y + (i - (count - 1) / 2) * size * LINE + size * 0.35}>
          {line}
        </tspan>
      ))}
    </text>
  );
}

interface PartShapeProps {
  part: LaidPart;
  /** Of the sheet, mm. */
  height: number;
  type: number;
  /** Millimetres for a pixel. */
  scale(): number;
  units: Units;
  onMove?(x: number, y: number): void;
}

/** A part on its sheet; dragged, or moved with the arrow keys and laid down with Enter. */
function PartShape({ part, height, type, scale, units, onMove }: PartShapeProps) {
  const { dx, dy, isMoved, handlers } = useShift(units, scale, (x, y) =>
    onMove?.(onMarks(part.x + x, units), onMarks(part.y + y, units)),
  );
  const name = `${part.name}${part.card && `, card ${part.card}`}, ${part.size.shown}`;
  return (
    <g
      transform={`translate(${dx} ${-dy})`}
      opacity={isMoved ? 0.75 : 1}
      className={onMove ? "focus-visible:outline-accent cursor-grab" : undefined}
      tabIndex={onMove ? 0 : undefined}
      role={onMove ? "button" : "img"}
      aria-label={onMove ? `${name}; arrow keys move it, Enter lays it down` : name}
      {...(onMove ? handlers : {})}
    >
      <title>{name}</title>
      <rect
        x={part.x}
        y={height - part.y - part.height}
        width={part.width}
        height={part.height}
        fill="var(--raised)"
        fillOpacity={part.outlines.length > 0 ? 0.25 : 0.42}
        stroke={part.pinned ? "var(--accent)" : "none"}
        strokeWidth={type / 5}
      />
      {part.outlines.map((outline, i) => (
        <Drawn
          key={i}
          d={outline.path}
          height={height}
          fill="var(--raised)"
          fillOpacity={0.5}
          stroke="#26211a"
          strokeWidth={type / 14}
        />
      ))}
      {part.windows.map((window, i) => (
        <Drawn
          key={i}
          d={window.path}
          height={height}
          fill="var(--sunken)"
          fillOpacity={0.72}
          stroke="#26211a"
          strokeWidth={type / 14}
        />
      ))}
      {part.division !== null && part.division !== undefined && (
        <line
          {...(part.divisionUpright
            ? {
                x1: part.x + part.division,
                x2: part.x + part.division,
                y1: height - part.y - part.height,
                y2: height - part.y,
              }
            : {
                x1: part.x,
                x2: part.x + part.width,
                y1: height - part.y - part.division,
                y2: height - part.y - part.division,
              })}
          stroke="#26211a"
          strokeWidth={type / 12}
          strokeDasharray={`${type / 2} ${type / 2}`}
        />
      )}
      <Words
        x={part.x + part.width / 2}
        y={height - part.y - part.height / 2}
        width={part.width}
        height={part.height}
        type={type}
        lines={[part.card ? `${part.label} · ${part.card}` : part.label, part.size.shown]}
      />
    </g>
  );
}

interface CutLineProps {
  pass: CutPass;
  height: number;
  type: number;
  marked: boolean;
  /** Whether its number has room. */
  numbered: boolean;
  onPoint(on: boolean): void;
}

/** Where a cut has its number. */
function bladeGoesIn(pass: CutPass, type: number, height: number) {
  const upright = pass.x1 === pass.x2;
  return {
    x: upright ? pass.x1 : pass.x1 + type * 0.7,
    y: height - (upright ? pass.y2 - type * 0.7 : pass.y1),
  };
}

/** The cuts whose numbers do not lie on an earlier one; the others show theirs when they are pointed at. */
function apart(passes: CutPass[], type: number, height: number): Set<number> {
  const shown: { x: number; y: number }[] = [];
  const numbers = new Set<number>();
  for (const pass of passes) {
    const place = bladeGoesIn(pass, type, height);
    if (shown.every((p) => Math.hypot(p.x - place.x, p.y - place.y) > type * 1.25)) {
      shown.push(place);
      numbers.add(pass.number);
    }
  }
  return numbers;
}

/** A cut with its number where the blade goes in. */
function CutLine({ pass, height, type, marked, numbered, onPoint }: CutLineProps) {
  const { x, y } = bladeGoesIn(pass, type, height);
  return (
    <g onPointerEnter={() => onPoint(true)} onPointerLeave={() => onPoint(false)}>
      <line
        x1={pass.x1}
        x2={pass.x2}
        y1={height - pass.y1}
        y2={height - pass.y2}
        stroke={marked ? "var(--accent)" : "#26211a"}
        strokeWidth={marked ? type / 4 : type / 9}
      />
      {numbered && (
        <>
          <circle cx={x} cy={y} r={type * 0.62} fill={marked ? "var(--accent)" : "#26211a"} />
          <text
            x={x}
            y={y + type * 0.28}
            textAnchor="middle"
            fontSize={type * 0.8}
            fill="#fffdf7"
            fontWeight={700}
          >
            {pass.number}
          </text>
        </>
      )}
    </g>
  );
}

/** What is held while a cut is made. */
function InHand({ pass, height }: { pass: CutPass; height: number }) {
  const upright = pass.x1 === pass.x2;
  const x = upright ? pass.x1 - pass.fence.mm : pass.x1;
  const y = upright ? pass.y1 : pass.y1 - pass.fence.mm;
  return (
    <rect
      x={x}
      y={height - y - pass.inHand.height.mm}
      width={pass.inHand.width.mm}
      height={pass.inHand.height.mm}
      fill="var(--accent)"
      fillOpacity={0.16}
      stroke="var(--accent)"
      strokeWidth={1}
      pointerEvents="none"
    />
  );
}

/** The pattern's up. */
function Up({ x, y, size }: { x: number; y: number; size: number }) {
  return (
    <g transform={`translate(${x} ${y})`} stroke="var(--accent)" strokeWidth={size / 6} fill="none">
      <title>The pattern&apos;s up</title>
      <path
        d={`M0 ${size * 0.6} V${-size * 0.6} M${-size * 0.4} ${-size * 0.1} L0 ${-size * 0.6} L${size * 0.4} ${-size * 0.1}`}
      />
    </g>
  );
}
