import { ChoiceWord } from "../parts/ChoiceWord";
import { TextWord } from "../parts/TextWord";
import { pretty } from "../state/lengths";
import { useChange, usePlan } from "../state/useBench";
import type { Brief } from "../api/types";
import { Palette } from "./Palette";
import { PaperChoice } from "./PaperChoice";
import { PiecePapers } from "./PiecePapers";
import { ofLayer, withLayer } from "./papers";

const COUNTS = ["no", "one", "two", "three"].map((label, i) => ({ value: String(i), label }));

/** The card's papers, and which of them the base, the other pieces and the layers of mats are cut from. */
export function Papers() {
  const brief = usePlan((p) => p.brief);
  const faces = usePlan((p) => p.faces);
  const change = useChange();
  const { matting } = brief;
  const set = (part: (now: Brief["matting"]) => Partial<Brief["matting"]>) =>
    change((b) => ({ matting: { ...b.matting, ...part(b.matting) } }));
  const hasFilm = usePlan((p) => p.parts.some((c) => c.kind === "PIECE" && c.paper.material === "FILM"));
  const layers = Math.max(1, ...faces.map((f) => f.layers));
  return (
    <div className="text-base leading-9">
      <Palette />
      <ul className="border-rule m-0 mt-2 list-none border-t p-0 pt-2" aria-label="Papers">
        <li>
          The <b>base</b> is cut from{" "}
          <PaperChoice label="the base" paper={brief.base} folds onChoose={(base) => void change({ base })} />
          .
        </li>
        <li>
          <PiecePapers />
        </li>
        {hasFilm && (
          <li>
            The <b>film</b> is{" "}
            <TextWord
              label="Thickness of the film"
              field="film"
              shown={pretty(brief.film ?? "0.1 mm")}
              help="Over 0.2 mm it does not bow any more."
              onCommit={(film) => change({ film })}
            />{" "}
            thick.
          </li>
        )}
        <li>
          Faces get{" "}
          <ChoiceWord
            label="Mat layers"
            value={String(matting.layers)}
            choices={COUNTS}
            onChoose={(n) => void set(() => ({ layers: Number(n) }))}
          />{" "}
          {matting.layers === 1 ? "mat" : "mats"} each, unless you dress one by itself.
        </li>
        {Array.from({ length: Math.min(layers, 3) }, (_, i) => (
          <li key={i}>
            Layer <b>{i + 1}</b> is cut from{" "}
            <PaperChoice
              label={`layer ${i + 1}`}
              paper={ofLayer(matting.papers, i)}
              onChoose={(paper) => void set((now) => ({ papers: withLayer(now.papers, i, paper) }))}
            />
            , with a border of{" "}
            <TextWord
              label={`Step of layer ${i + 1}`}
              field={`matting.steps[${i}]`}
              shown={pretty(ofLayer(matting.steps, i) ?? "")}
              help="What it is smaller than what lies under it, on every side."
              onCommit={(step) => set((now) => ({ steps: withLayer(now.steps, i, step) }))}
            />
            .
          </li>
        ))}
      </ul>
    </div>
  );
}
