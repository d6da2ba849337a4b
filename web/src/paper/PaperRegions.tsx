import { useId } from "react";
import type { Paper, Region } from "../api/types";
import { Drawn } from "../parts/Drawn";
import { isMore } from "../parts/isMore";
import { inkOn } from "./ink";
import { opacityOf } from "./surface";

interface PaperRegionsProps {
  regions: Region[];
  /** Of the box that they lie in, mm. */
  height: number;
  /** Of the lines, mm. */
  line: number;
  /** Keys of the faces that are pointed at: "back/face". */
  marked?: string[];
  /** @param more whether Shift was held */
  onPick?(face: string, more: boolean): void;
  /** Draws on each paper whose pattern has an up where that is. */
  arrows?: boolean;
}

export const faceOf = (r: Pick<Region, "panel" | "side">) => `${r.panel}/${r.side.toLowerCase()}`;

/** Visible areas of a card in their papers' colours and patterns, one over the other. */
export function PaperRegions({ regions, height, line, marked, onPick, arrows }: PaperRegionsProps) {
  const id = useId();
  const patterned = [
    ...new Map(
      regions.filter((r) => r.paper.print !== "PLAIN").map((r) => [printId(id, r.paper, r.up), r]),
    ).entries(),
  ];
  return (
    <g strokeWidth={line}>
      <defs>
        {patterned.map(([key, r]) => (
          <Pattern key={key} id={key} paper={r.paper} up={r.up} />
        ))}
      </defs>
      {regions.map((r, i) => (
        <g key={i}>
          <Drawn
            d={r.path}
            height={height}
            fill={r.paper.print === "PLAIN" ? r.paper.colour : `url(#${printId(id, r.paper, r.up)})`}
            fillOpacity={opacityOf(r.paper)}
            stroke="var(--edge)"
            strokeOpacity={r.layer === 0 ? 1 : 0.5}
            className={onPick ? "cursor-pointer" : undefined}
            onClick={onPick ? (e) => onPick(faceOf(r), isMore(e)) : undefined}
          />
          {arrows && r.paper.print === "UPRIGHT" && r.layer > 0 && <UpArrow region={r} height={height} />}
        </g>
      ))}
      {regions
        .filter((r) => r.layer === 0 && marked?.includes(faceOf(r)))
        .map((r, i) => (
          <Drawn
            key={i}
            d={r.path}
            height={height}
            fill="var(--accent)"
            fillOpacity={0.22}
            stroke="var(--accent)"
            strokeWidth={line * 2.5}
            pointerEvents="none"
          />
        ))}
    </g>
  );
}

const printId = (id: string, paper: Paper, up: number) =>
  `print-${id}-${paper.print}-${paper.colour.slice(1)}-${up}`.replace(/[^\w-]/g, "_");

/** Sides of a repeat, mm: about that of small prints. */
const REPEAT = 11;

/** Scattered crumbs look alike from everywhere; firs grow upwards. */
export function Pattern({ id, paper, up }: { id: string; paper: Paper; up: number }) {
  const ink = inkOn(paper.colour);
  return (
    <pattern
      id={id}
      width={REPEAT}
      height={REPEAT}
      patternUnits="userSpaceOnUse"
      patternTransform={`rotate(${-up})`}
    >
      <rect width={REPEAT} height={REPEAT} fill={paper.colour} />
      {paper.print === "SCATTERED" ? (
        <g fill={ink}>
          <circle cx={2} cy={2.4} r={0.9} />
          <circle cx={7.6} cy={1.6} r={0.5} />
          <circle cx={5} cy={6} r={0.6} />
          <circle cx={9.3} cy={7.2} r={0.9} />
          <circle cx={2.6} cy={9.2} r={0.5} />
        </g>
      ) : (
        <>
          <Fir x={2.8} y={5.6} ink={ink} />
          <Fir x={8.3} y={11} ink={ink} />
        </>
      )}
    </pattern>
  );
}

function Fir({ x, y, ink }: { x: number; y: number; ink: string }) {
  return (
    <g transform={`translate(${x} ${y})`} stroke={ink} fill="none" strokeWidth={0.55} strokeLinecap="round">
      <path d="M0 -1.4 V-0.4" />
      <path d="M0 -5 L1.5 -1.5 H-1.5 Z" fill={ink} stroke="none" />
    </g>
  );
}

function UpArrow({ region, height }: { region: Region; height: number }) {
  const [x = 0, y = 0] = region.inside;
  return (
    <g transform={`translate(${x} ${height - y}) rotate(${-region.up})`} pointerEvents="none">
      <circle r={4} fill="var(--raised)" stroke="var(--accent)" strokeWidth={0.6} />
      <path
        d="M0 2.4 V-2.2 M-1.7 -0.5 L0 -2.4 L1.7 -0.5"
        stroke="var(--accent)"
        strokeWidth={0.9}
        fill="none"
      />
    </g>
  );
}
