import type { Units } from "../api/types";

interface RulerScaleProps {
  /** How long the ruler is, in mm. */
  length: number;
  units: Units;
  /** One screen unit in mm. */
  u: number;
  x?: number;
  y?: number;
  /** Read from the bottom up, to the left of the piece. */
  upright?: boolean;
}

/** Marks in mm: the finest that stay apart on the screen, in the maker's unit. */
function marks(length: number, units: Units, u: number) {
  const [big, divisions] = units === "INCH" ? [25.4, [8, 4, 2, 1]] : [10, [10, 2, 1]];
  const parts = divisions.find((n) => big / n >= 4 * u) ?? 1;
  const every = big >= 22 * u ? 1 : units === "INCH" ? 2 : 5;
  const count = Math.floor((length / big) * parts + 1e-6);
  return Array.from({ length: count + 1 }, (_, i) => {
    const whole = i % parts === 0;
    const number = i / parts;
    return {
      at: (i * big) / parts,
      size: whole ? 8 : i % (parts / 2) === 0 ? 5.5 : 3.5,
      label: whole && number % every === 0 ? String(units === "INCH" ? number : number * 10) : null,
    };
  });
}

export function RulerScale({ length, units, u, x = 0, y = 0, upright = false }: RulerScaleProps) {
  return (
    <g aria-hidden stroke="var(--quiet)" strokeWidth={0.8 * u}>
      {marks(length, units, u).map(({ at, size, label }) => {
        const place = upright ? length - at : at;
        return (
          <g key={at}>
            {upright ? (
              <line x1={x} x2={x - size * u} y1={place} y2={place} />
            ) : (
              <line x1={place} x2={place} y1={y} y2={y - size * u} />
            )}
            {label && (
              <text
                stroke="none"
                fill="var(--quiet)"
                fontSize={10 * u}
                textAnchor={upright ? "end" : "middle"}
                x={upright ? x - 10 * u : place}
                y={upright ? place + 3.5 * u : y - 10.5 * u}
              >
                {label}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}
