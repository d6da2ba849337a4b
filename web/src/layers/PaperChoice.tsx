import type { Paper } from "../api/types";
import { useMaterials, usePapers } from "../bench/useTables";
import { ChoiceWord } from "../parts/ChoiceWord";
import { usePlan } from "../state/useBench";
import { lookOf } from "../parts/paperLook";
import { freshName } from "./palette";

interface PaperChoiceProps {
  /** What it is for: "the base", "layer 1". */
  label: string;
  /** None where several differ. */
  paper: Paper | undefined;
  onChoose(paper: Paper): void;
  /** What is folded cannot be of clear film. */
  folds?: boolean;
  /** What lies on top need not come off a sheet. */
  loose?: boolean;
}

const ANOTHER = "another";

/** One of the card's papers, one of the drawer, or another one that becomes the card's. */
export function PaperChoice({ label, paper, onChoose, folds, loose }: PaperChoiceProps) {
  const mine = usePlan((p) => p.papers);
  const drawer = usePapers();
  const materials = useMaterials();
  const isSheet = (p: Paper) =>
    (materials.find((m) => m.material === (p.material ?? "PAPER"))?.form ?? "SHEET") === "SHEET";
  const known = new Map<string, { paper: Paper; called: string; hint: string }>();
  for (const { paper: p, called } of mine)
    if ((loose || isSheet(p)) && (!folds || p.material !== "FILM"))
      known.set(lookOf(p), { paper: p, called, hint: "on this card" });
  for (const { content } of drawer) {
    const { stock, colour, print, back, name, kind } = content;
    const sheet: Paper = { stock, colour, print, back, name, material: kind === "PAPER" ? undefined : kind };
    if (!known.has(lookOf(sheet)) && !(folds && kind === "FILM"))
      known.set(lookOf(sheet), { paper: sheet, called: name, hint: `in the drawer, ${stock}` });
  }
  const now = paper && lookOf(paper);
  return (
    <ChoiceWord
      label={`Paper of ${label}`}
      value={now && known.has(now) ? now : ANOTHER}
      shown={(now && known.get(now)?.called) ?? (paper ? paper.name || "another paper" : "different papers")}
      colour={paper?.colour}
      choices={[
        ...[...known].map(([value, k]) => ({
          value,
          label: k.called,
          hint: k.hint,
          colour: k.paper.colour,
        })),
        { value: ANOTHER, label: "another paper …" },
      ]}
      onChoose={(value) => {
        const from = paper ?? mine[0]?.paper;
        const chosen = known.get(value)?.paper ?? (from && { ...from, name: freshName(mine) });
        if (chosen) onChoose(chosen);
      }}
    />
  );
}
