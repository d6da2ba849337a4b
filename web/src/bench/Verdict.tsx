import { counted } from "../parts/counted";
import { usePlan } from "../state/useBench";
import { VERDICTS } from "./verdicts";

/** One line under the sentence: what comes of it. */
export function Verdict() {
  const closed = usePlan((p) => p.closed);
  const fit = usePlan((p) => p.fit);
  const sheet = usePlan((p) => p.sheet);
  const snags = usePlan((p) => p.snags);
  const notes = snags.filter((s) => s.severity === "NOTE").length;
  const open = snags.length - notes;
  const facts = closed
    ? [
        <b key="closed" data-testid="closed-size">
          {closed.size.shown} closed
        </b>,
        `${closed.thickness.mm.toFixed(1)} mm thick`,
        `${closed.grams.toFixed(0)} g`,
      ]
    : [<b key="closed">does not fold flat</b>];
  return (
    <p role="status" className="bg-sunken flex flex-wrap gap-x-5 gap-y-1 rounded-md px-3 py-1.5 text-base">
      {facts.map((fact, i) => (
        <span key={i}>{fact}</span>
      ))}
      {fit && (
        <span data-testid="fit" className={`rounded px-2 font-bold ${VERDICTS[fit.verdict].look}`}>
          {fit.name}: {VERDICTS[fit.verdict].text}
        </span>
      )}
      <span>
        {sheet.bases === 0
          ? `no base from one ${sheet.name}`
          : `${counted(sheet.bases, "base")} from ${sheet.sheets === 1 ? "one" : `${sheet.sheets} sheets of`} ${sheet.name}`}
      </span>
      <span className={open > 0 ? "text-warn font-bold" : ""}>
        {open === 0 ? "no snags" : counted(open, "snag")}
        {notes > 0 && `, ${counted(notes, "note")}`}
      </span>
    </p>
  );
}
