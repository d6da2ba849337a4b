import { Drawn } from "../parts/Drawn";
import { Saved } from "../parts/Saved";
import { usePlan } from "../state/useBench";

/** The thinnest spots are still to be seen as card. */
const LEAST_SHADE = 0.12;

/** The closed card from the front, the darker the thicker, its thickest spot marked. */
export function BulkMap() {
  const closed = usePlan((p) => p.closed);
  if (!closed) return <p className="m-0">The card does not fold flat, so it has no thickness.</p>;
  const { width, height } = { width: closed.posted.width.mm, height: closed.posted.height.mm };
  const rim = 0.04 * Math.max(width, height);
  const thicknesses = [...new Set(closed.bulk.map((s) => s.thicknessMm))].sort((a, b) => a - b);
  const most = thicknesses.at(-1) ?? 0;
  const shade = (mm: number) => LEAST_SHADE + (1 - LEAST_SHADE) * (most > 0 ? mm / most : 0) * 0.8;
  const thickest = closed.bulk.filter((s) => s.thicknessMm === most);
  return (
    <Saved name="the thickness">
      <figure className="m-0">
        <svg
          viewBox={`${-rim} ${-rim} ${width + 2 * rim} ${height + 2 * rim}`}
          className="h-44 w-full"
          role="img"
          aria-label={`Thickness of the closed card, at most ${closed.thickness.mm.toFixed(1)} mm`}
        >
          {closed.bulk.map((spot, i) => (
            <Drawn
              key={i}
              d={spot.path}
              height={height}
              fill="var(--ink)"
              fillOpacity={shade(spot.thicknessMm)}
            />
          ))}
          {/* Rims first, then the spots again: between neighbours no rim is left. */}
          {thickest.map((spot, i) => (
            <Drawn
              key={i}
              d={spot.path}
              height={height}
              fill="none"
              stroke="var(--accent)"
              strokeWidth={rim * 0.5}
            />
          ))}
          {thickest.map((spot, i) => (
            <Drawn
              key={i}
              d={spot.path}
              height={height}
              fill={`color-mix(in srgb, var(--ink) ${100 * shade(most)}%, var(--raised))`}
            />
          ))}
          <rect width={width} height={height} fill="none" stroke="var(--ink)" strokeWidth={rim * 0.12} />
        </svg>
        <figcaption className="text-sm">
          <b>{closed.thickness.mm.toFixed(1)} mm</b> where it is outlined, {closed.layers} papers thick;{" "}
          {thicknesses[0]?.toFixed(1)} mm where it is thinnest. Mats, foam and ornaments are counted.
        </figcaption>
      </figure>
    </Saved>
  );
}
