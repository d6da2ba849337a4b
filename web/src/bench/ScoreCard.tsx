import type { Piece } from "../api/types";

/** All score positions of a piece, read from either end. */
export function ScoreCard({ piece }: { piece: Piece }) {
  if (piece.settings.length === 0) return null;
  const [oneEnd, otherEnd] = ends(piece);
  return (
    <section aria-label={`Score card of the ${piece.name}`}>
      <table className="w-full border-collapse text-left text-base">
        <thead className="text-quiet text-sm">
          <tr>
            <th className="py-1 pr-3 font-semibold">{oneEnd}</th>
            <th className="py-1 pr-3 font-semibold">{otherEnd}</th>
            <th className="py-1 pr-3 font-semibold">Fold</th>
            <th className="py-1 pr-3 font-semibold">Score on</th>
            <th className="py-1 font-semibold">Score</th>
          </tr>
        </thead>
        <tbody>
          {piece.settings.map((s) => (
            <tr key={`${s.lie} ${s.fromStart?.mm ?? s.name}`} className="border-rule border-t">
              {s.fromStart && s.fromEnd ? (
                <>
                  <td className="py-1 pr-3 text-lg font-bold">{s.fromStart.shown}</td>
                  <td className="py-1 pr-3 text-lg font-bold">{s.fromEnd.shown}</td>
                </>
              ) : (
                <td colSpan={2} className="py-1 pr-3">
                  {s.guide}
                </td>
              )}
              <td className="py-1 pr-3">{s.how}</td>
              <td className="py-1 pr-3">
                {s.scoreOn ? (s.scoreOn === "FACE" ? "face side" : "back side") : "either side"}
              </td>
              <th scope="row" className="text-quiet py-1 font-normal">
                {s.name}
              </th>
            </tr>
          ))}
        </tbody>
      </table>
      {piece.sameFromBothEnds.map((both) => (
        <p key={both.scoreOn} className="mt-2 mb-0">
          <b>From both ends, {both.scoreOn === "FACE" ? "face" : "back"} up:</b> {both.text}.
        </p>
      ))}
    </section>
  );
}

/** Upright scores are read from the left and right end, level ones from the bottom and the top. */
function ends(piece: Piece): [string, string] {
  const lies = new Set(piece.settings.map((s) => s.lie));
  if (!lies.has("LEVEL")) return ["From the left", "From the right"];
  if (!lies.has("UPRIGHT")) return ["From the bottom", "From the top"];
  return ["From left or bottom", "From right or top"];
}
