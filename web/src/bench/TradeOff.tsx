import { usePlan, useChange } from "../state/useBench";

const WIDE = 240;
const HIGH = 46;
const RIM = 10;

/** What one choice decides at once: a curve for each, a point to pick on them. */
export function TradeOff() {
  const plan = usePlan((p) => p);
  const change = useChange();
  const trade = plan.tradeOff;
  if (!trade) return null;
  const chosen = plan.parameters.find((p) => p.key === trade.parameter);
  const now = chosen?.mm ?? 0;
  const first = trade.steps[0]?.chosen.mm ?? 0;
  const span = (trade.steps.at(-1)?.chosen.mm ?? 1) - first || 1;
  const x = (mm: number) => RIM + ((WIDE - 2 * RIM) * (mm - first)) / span;
  const nearest = trade.steps.reduce((a, b) =>
    Math.abs(b.chosen.mm - now) < Math.abs(a.chosen.mm - now) ? b : a,
  );
  /* What the curves take as given is given with it. */
  const held = Object.fromEntries(
    plan.parameters.filter((p) => trade.held.includes(p.key)).map((p) => [p.key, p.value]),
  );
  const pick = (text: string) =>
    void change((b) => ({ parameters: { ...b.parameters, ...held, [trade.parameter]: text } }));
  return (
    <figure className="m-0" aria-label={`What the ${chosen?.label ?? trade.parameter} decides`}>
      {trade.said.map((said, i) => {
        const values = trade.steps.map((s) => s.lengths[i]?.mm ?? 0);
        const [low, high] = [Math.min(...values), Math.max(...values)];
        const y = (mm: number) => HIGH - 8 - ((HIGH - 16) * (mm - low)) / (high - low || 1);
        return (
          <div key={said} className="border-rule border-t py-1 first:border-t-0">
            <p className="m-0 flex justify-between text-base">
              <span>{said}</span> <b>{nearest.lengths[i]?.shown}</b>
            </p>
            <svg viewBox={`0 0 ${WIDE} ${HIGH}`} className="w-full" role="presentation">
              <polyline
                points={trade.steps.map((s) => `${x(s.chosen.mm)},${y(s.lengths[i]?.mm ?? 0)}`).join(" ")}
                fill="none"
                stroke="var(--ink)"
                strokeWidth={1.5}
              />
              <line
                x1={x(now)}
                x2={x(now)}
                y1={2}
                y2={HIGH - 2}
                stroke="var(--accent)"
                strokeWidth={2}
                strokeDasharray="4 3"
              />
              {trade.steps.map((s) => (
                <circle
                  key={s.chosen.mm}
                  cx={x(s.chosen.mm)}
                  cy={y(s.lengths[i]?.mm ?? 0)}
                  r={s === nearest ? 4.5 : 2.5}
                  fill={s === nearest ? "var(--accent)" : "var(--ink)"}
                />
              ))}
            </svg>
          </div>
        );
      })}
      <input
        type="range"
        className="w-full"
        style={{ accentColor: "var(--accent)" }}
        min={0}
        max={trade.steps.length - 1}
        step={1}
        value={trade.steps.indexOf(nearest)}
        aria-label={chosen?.label ?? trade.parameter}
        aria-valuetext={nearest.chosen.shown}
        onChange={(e) => {
          const step = trade.steps[Number(e.target.value)];
          if (step) pick(step.chosen.text);
        }}
      />
      <figcaption className="text-quiet text-sm">
        {chosen?.label} {nearest.chosen.shown}: drag along the curves to weigh one against the other.
      </figcaption>
    </figure>
  );
}
