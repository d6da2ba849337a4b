import { Saved } from "../parts/Saved";
import type { Fit } from "../api/types";
import { PaperRegions } from "../paper/PaperRegions";
import { usePlan } from "../state/useBench";
import type { Mark } from "./marks";
import { VERDICTS } from "./verdicts";

/** The closed card, seen from the front, in its envelope to scale. */
export function ClosedCard({ marked }: { marked: Mark | null }) {
  const closed = usePlan((p) => p.closed);
  const fit = usePlan((p) => p.fit);
  const closest = usePlan((p) => p.closest);
  if (!closed) return <p>The card does not fold flat, so it has no closed size.</p>;
  const card = { w: closed.posted.width.mm, h: closed.posted.height.mm };
  const turned = fit?.turned ?? false;
  const inside = fit ? { w: fit.size.width.mm, h: fit.size.height.mm } : card;
  const room = turned ? { w: inside.h, h: inside.w } : inside;
  const w = Math.max(room.w, card.w);
  const h = Math.max(room.h, card.h);
  const edge = 0.04 * Math.max(w, h);
  const hasFlap = fit !== null && fit !== undefined;
  const flap = hasFlap ? 0.2 * h : 0;
  const at = { x: (w - card.w) / 2, y: (h - card.h) / 2 };
  return (
    <Saved name="the card in its envelope">
      <figure className="m-0">
        <svg
          viewBox={`${-edge} ${-flap - edge} ${w + 2 * edge} ${h + flap + 2 * edge}`}
          className="h-56 w-full"
          role="img"
          aria-label={`Closed card ${closed.posted.shown}${fit ? ` in envelope ${fit.name}: ${VERDICTS[fit.verdict].text}` : ""}`}
        >
          {hasFlap && (
            <g stroke="var(--quiet)" strokeWidth={edge * 0.12}>
              <path
                d={`M${(w - room.w) / 2} ${(h - room.h) / 2} L${w / 2} ${-flap} L${(w + room.w) / 2} ${(h - room.h) / 2} Z`}
                fill="var(--sunken)"
              />
              <rect
                x={(w - room.w) / 2}
                y={(h - room.h) / 2}
                width={room.w}
                height={room.h}
                fill="var(--envelope)"
              />
            </g>
          )}
          <g transform={`translate(${at.x} ${at.y})`}>
            <PaperRegions
              regions={closed.front}
              height={card.h}
              line={edge * 0.13}
              marked={marked?.kind === "PANEL" ? [`${marked.id}/face`] : []}
            />
            {fit && fit.tight.atMm != null && (
              <TightPlace fit={fit} atMm={fit.tight.atMm} w={card.w} h={card.h} edge={edge} />
            )}
          </g>
        </svg>
        <figcaption className="text-sm">
          {fit ? (
            <>
              <b>
                {fit.name} {VERDICTS[fit.verdict].text}
              </b>
              {turned && ", card turned"}: inside {fit.size.shown}. {fit.why}
            </>
          ) : (
            "No envelope chosen."
          )}{" "}
          {(!fit || fit.verdict !== "FITS") && closest.length > 0 && (
            <>Closest: {closest.map((f) => `${f.name} (${VERDICTS[f.verdict].text})`).join(", ")}.</>
          )}
        </figcaption>
      </figure>
    </Saved>
  );
}

/** Where it is farthest around the card in the tighter way: a line from edge to edge. */
function TightPlace({
  fit,
  atMm,
  w,
  h,
  edge,
}: {
  fit: Fit;
  atMm: number;
  w: number;
  h: number;
  edge: number;
}) {
  const at = fit.tight.level ? h - atMm : atMm;
  const line = fit.tight.level ? { x1: 0, x2: w, y1: at, y2: at } : { x1: at, x2: at, y1: 0, y2: h };
  const tick = edge * 0.3;
  const ends = [
    { x: line.x1, y: line.y1 },
    { x: line.x2, y: line.y2 },
  ];
  return (
    <g
      stroke={fit.verdict === "TOO_SMALL" ? "var(--warn)" : "var(--accent)"}
      strokeWidth={edge * 0.16}
      data-testid="tight-place"
    >
      <title>{fit.why}</title>
      <line {...line} strokeDasharray={`${edge * 0.5} ${edge * 0.3}`} />
      {ends.map((e) => (
        <line
          key={`${e.x} ${e.y}`}
          x1={e.x - (fit.tight.level ? 0 : tick)}
          x2={e.x + (fit.tight.level ? 0 : tick)}
          y1={e.y - (fit.tight.level ? tick : 0)}
          y2={e.y + (fit.tight.level ? tick : 0)}
        />
      ))}
    </g>
  );
}
