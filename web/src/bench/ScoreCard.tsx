import type { Piece } from "../api/types";

/** All score positions of a piece, read from either end. */
export function ScoreCard({ piece }: { piece: Piece }) {
  if (piece.scores.length === 0) return null;
  const [oneEnd, otherEnd] = ends(piece);
  return (
    <section aria-label={`Score card of the ${piece.name}`}>
      <table className="w-full border-collapse text-left text-base">
        <thead className="text-quiet text-sm">
          <tr>
            <th className="py-1 pr-3 font-semibold">Score</th>
            <th className="py-1 pr-3 font-semibold">{oneEnd}</th>
            <th className="py-1 pr-3 font-semibold">{otherEnd}</th>
            <th className="py-1 pr-3 font-semibold">Fold</th>
            <th className="py-1 font-semibold">Score on</th>
          </tr>
        </thead>
        <tbody>
          {piece.lines.map((s) => (
            <tr key={s.id} className="border-rule border-t">
              <th scope="row" className="py-1 pr-3 font-normal">
                {s.id}
                {!s.runsThrough && s.begins && s.ends && (
                  <span className="text-quiet block text-sm">
                    only from {s.begins.shown} to {s.ends.shown}
                  </span>
                )}
              </th>
              <td className="py-1 pr-3 text-lg font-bold">{s.fromStart?.shown ?? "slanting"}</td>
              <td className="py-1 pr-3 text-lg font-bold">{s.fromEnd?.shown ?? "see drawing"}</td>
              <td className="py-1 pr-3">{s.fold === "MOUNTAIN" ? "mountain" : "valley"}</td>
              <td className="py-1">{s.scoreOn === "FACE" ? "face side" : "back side"}</td>
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
  const lies = new Set(piece.lines.map((s) => s.lie));
  if (!lies.has("LEVEL")) return ["From the left", "From the right"];
  if (!lies.has("UPRIGHT")) return ["From the bottom", "From the top"];
  return ["From left or bottom", "From right or top"];
}
