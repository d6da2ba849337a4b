import { useId, useRef, useState, type KeyboardEvent, type PointerEvent } from "react";
import type { Brief, Ornament } from "../api/types";
import { useGrids } from "../bench/useTables";
import { lengthText, mmOf } from "../state/lengths";
import { panelsOf } from "../state/panels";
import { useBenchStore, usePlan } from "../state/useBench";
import { opacityOf } from "../paper/surface";
import { isLaidByOthers } from "./ornaments";
import { lookedAt, placeOf } from "./place";

const ARROWS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};

/** The ornament on its panel, as one looks at that face; it is dragged, or moved by arrow keys, along the ruler's marks. */
export function OrnamentPlace({ ornament }: { ornament: Ornament }) {
  const plan = usePlan((p) => p);
  const store = useBenchStore();
  const step = useGrids().find((g) => g.name === plan.brief.tools.ruler)?.mm ?? 1;
  const svg = useRef<SVGSVGElement>(null);
  const [grip, setGrip] = useState<{ dx: number; dy: number; from: { x: number; y: number } } | null>(null);
  const id = useId().replace(/[^\w-]/g, "_");
  const placed = plan.ornaments.find((o) => o.name === ornament.name);
  const panel = panelsOf(plan).find((p) => p.name === placed?.panel);
  const piece = plan.pieces.find((p) => p.panels.some((own) => own.name === placed?.panel));
  if (!placed || !panel) {
    return <p className="text-warn m-0">Its face is not seen on this card. Choose another face.</p>;
  }
  const [w, h] = [panel.size.width.mm, panel.size.height.mm];
  const rim = 0.18 * Math.max(w, h);
  const seen = { transform: lookedAt(panel, placed.side, h), fillRule: "evenodd" as const };
  const at = placeOf(placed, panel);
  const line = 0.006 * Math.max(w, h);

  const moved = (brief: Brief, to: (now: Ornament) => { x: number; y: number }): Brief => ({
    ...brief,
    ornaments: brief.ornaments.map((o) => {
      if (o.name !== ornament.name) return o;
      const place = to(o);
      return {
        ...o,
        across: null,
        up: null,
        x: lengthText(snapped(place.x), brief.units),
        y: lengthText(snapped(place.y), brief.units),
      };
    }),
  });
  const snapped = (mm: number) => Math.round(mm / step) * step;

  /** Where the pointer is, mm from the panel's lower left corner. */
  function pointed(e: PointerEvent) {
    const matrix = svg.current?.getScreenCTM();
    if (!matrix) return { x: 0, y: 0 };
    const p = new DOMPoint(e.clientX, e.clientY).matrixTransform(matrix.inverse());
    return { x: p.x, y: h - p.y };
  }

  function take(e: PointerEvent<SVGElement>) {
    e.currentTarget.setPointerCapture(e.pointerId);
    const p = pointed(e);
    setGrip({ dx: at.x - p.x, dy: at.y - p.y, from: p });
  }

  /** A click is no drag: what was not moved stays where it is, between two marks too. */
  const isMoved = (e: PointerEvent, from: { x: number; y: number }) => {
    const p = pointed(e);
    return snapped(p.x - from.x) !== 0 || snapped(p.y - from.y) !== 0;
  };

  function target(e: PointerEvent, by: { dx: number; dy: number }) {
    const p = pointed(e);
    return () => ({ x: p.x + by.dx, y: p.y + by.dy });
  }

  function drag(e: PointerEvent<SVGElement>) {
    if (grip && isMoved(e, grip.from)) void store.preview((now) => moved(now, target(e, grip)));
  }

  function drop(e: PointerEvent<SVGElement>) {
    if (!grip) return;
    const to = target(e, grip);
    setGrip(null);
    if (isMoved(e, grip.from)) void store.change((now) => moved(now, to));
    else store.dropPreview();
  }

  /* From where it is by then, so that quick keys do not lose each other. */
  function press(e: KeyboardEvent) {
    const by = ARROWS[e.key];
    if (!by) return;
    e.preventDefault();
    void store.change((now) =>
      moved(now, (o) => ({
        x: (o.across ? at.x : mmOf(o.x)) + by[0] * step,
        y: (o.up ? at.y : mmOf(o.y)) + by[1] * step,
      })),
    );
  }

  return (
    <figure className="m-0">
      <svg
        ref={svg}
        viewBox={`${-rim} ${-rim} ${w + 2 * rim} ${h + 2 * rim}`}
        className="bg-sunken max-h-72 w-full touch-none rounded-md select-none"
        role="group"
        aria-label={`${ornament.name} on its panel`}
      >
        <defs>
          <clipPath id={`panel-${id}`}>
            <path {...seen} d={panel.path} clipRule="evenodd" />
          </clipPath>
          <pattern
            id={`glue-${id}`}
            width={6 * line}
            height={6 * line}
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <rect width={2 * line} height={6 * line} fill="var(--accent)" fillOpacity={0.7} />
          </pattern>
        </defs>
        <path
          {...seen}
          d={panel.path}
          fill={plan.parts.find((p) => p.kind === "PIECE" && p.name === piece?.name)?.paper.colour}
          stroke="var(--edge)"
          strokeWidth={line}
        />
        {plan.mats
          .filter((m) => m.face === ornament.face)
          .map((m, i) => (
            <path
              key={i}
              {...seen}
              d={m.path}
              fill={m.paper.colour}
              fillOpacity={opacityOf(m.paper)}
              stroke="var(--edge)"
              strokeOpacity={0.4}
              strokeWidth={line / 2}
            />
          ))}
        {plan.ornaments
          .filter((o) => o.face === ornament.face && o.name !== ornament.name)
          .map((o) => (
            <path key={o.name} {...seen} d={o.path} fill="none" stroke="var(--edge)" strokeWidth={line} />
          ))}
        <g
          role="slider"
          tabIndex={0}
          aria-label={`Place of ${ornament.name}; arrow keys move it`}
          aria-valuenow={Math.round(at.x * 10) / 10}
          aria-valuetext={`${at.x.toFixed(1)} mm from the left, ${at.y.toFixed(1)} mm from the bottom`}
          className={grip ? "cursor-grabbing" : "cursor-grab"}
          onPointerDown={take}
          onPointerMove={drag}
          onPointerUp={drop}
          onPointerCancel={() => {
            setGrip(null);
            store.dropPreview();
          }}
          onKeyDown={press}
        >
          <path
            {...seen}
            d={placed.path}
            fill={ornament.paper.colour}
            fillOpacity={Math.min(0.9, opacityOf(ornament.paper))}
            stroke="var(--accent)"
            strokeWidth={2 * line}
          />
          <g
            clipPath={
              ornament.glue === "OWN_PANEL" && !isLaidByOthers(ornament) ? `url(#panel-${id})` : undefined
            }
          >
            <path {...seen} d={placed.path} fill={`url(#glue-${id})`} />
          </g>
        </g>
      </svg>
      <figcaption className="text-quiet text-sm">
        Drag it, or move it with the arrow keys.{ornament.fixing ? "" : " Hatched: where it is glued."}
      </figcaption>
    </figure>
  );
}
