import { useState } from "react";
import type { Paper, Part } from "../api/types";
import { Button } from "../parts/Button";
import { useChange, usePlan } from "../state/useBench";
import { PaperChoice } from "./PaperChoice";
import { bySort, withPieces } from "./papers";

/** What each piece but the base is cut from: all of a sort at once, or one by one. */
export function PiecePapers() {
  const parts = usePlan((p) => p.parts);
  const own = usePlan((p) => p.brief.piecePapers) ?? {};
  const change = useChange();
  const [apart, setApart] = useState<string[]>([]);
  const pieces = parts.filter((p) => p.kind === "PIECE" && p.paper.material !== "FILM" && p.name !== "base");
  if (parts.filter((p) => p.kind === "PIECE").length < 2) return null;
  return (
    <>
      <ul className="m-0 list-none p-0" aria-label="Papers of the pieces">
        {bySort(pieces).map((sort) => {
          const [first] = sort;
          if (!first) return null;
          const split = apart.includes(first.sort);
          return (split ? sort.map((p) => [p]) : [sort]).map((some) => (
            <li key={some.map((p) => p.id).join()}>
              <PieceRow pieces={some} />
              {sort.length > 1 && some[0] === first && (
                <Button
                  className="ml-2"
                  onClick={() =>
                    setApart((a) => (split ? a.filter((s) => s !== first.sort) : [...a, first.sort]))
                  }
                >
                  {split ? "All together" : "One by one"}
                </Button>
              )}
            </li>
          ));
        })}
      </ul>
      {Object.keys(own).length > 0 && (
        <Button onClick={() => void change({ piecePapers: null })}>All pieces from the base’s paper</Button>
      )}
    </>
  );
}

function PieceRow({ pieces }: { pieces: Part[] }) {
  const own = usePlan((p) => p.brief.piecePapers) ?? {};
  const base = usePlan((p) => p.brief.base);
  const change = useChange();
  const [first] = pieces;
  if (!first) return null;
  const names = pieces.map((p) => p.name);
  const label = names.length > 1 ? `${first.sort}s` : first.name;
  const paper = own[first.name] ?? base;
  const alike = names.every((n) => JSON.stringify(own[n]) === JSON.stringify(own[first.name]));
  const set = (to: Paper) => change((b) => ({ piecePapers: withPieces(b.piecePapers ?? {}, names, to) }));
  return (
    <>
      The{" "}
      <b>
        {names.length > 1 ? `${names.length} ` : ""}
        {label}
      </b>{" "}
      {names.length > 1 ? "are" : "is"} cut from{" "}
      <PaperChoice
        label={`the ${label}`}
        paper={alike ? paper : undefined}
        folds
        onChoose={(chosen) => void set(chosen)}
      />
      .
    </>
  );
}
