import { usePlan } from "../state/useBench";

/** What each part weighs, and all of them. */
export function Weights() {
  const closed = usePlan((p) => p.closed);
  if (!closed) return null;
  return (
    <table className="w-full border-collapse text-left text-base" aria-label="Weight by parts">
      <tbody>
        {closed.weights.map((w) => (
          <tr key={w.part} className="border-rule border-t first:border-t-0">
            <th scope="row" className="py-0.5 font-normal">
              {w.part}
            </th>
            <td className="py-0.5 text-right">{w.grams.toFixed(1)} g</td>
          </tr>
        ))}
        <tr className="border-ink border-t-2">
          <th scope="row" className="py-0.5">
            all together
          </th>
          <td className="py-0.5 text-right font-bold">{closed.grams.toFixed(1)} g</td>
        </tr>
      </tbody>
    </table>
  );
}
