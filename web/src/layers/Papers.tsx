import type { Brief } from "../api/types";
import { ChoiceWord } from "../parts/ChoiceWord";
import { TextWord } from "../parts/TextWord";
import { pretty } from "../state/lengths";
import { useChange, usePlan } from "../state/useBench";
import { PaperWords } from "./PaperWords";
import { PiecePapers } from "./PiecePapers";
import { ofLayer, withLayer } from "./papers";

const COUNTS = ["no", "one", "two", "three"].map((label, i) => ({ value: String(i), label }));

/** The base's paper, and for each layer over it its paper and how far it steps in. */
export function Papers() {
  const brief = usePlan((p) => p.brief);
  const faces = usePlan((p) => p.faces);
  const change = useChange();
  const { matting } = brief;
  const set = (part: (now: Brief["matting"]) => Partial<Brief["matting"]>) =>
    change((b) => ({ matting: { ...b.matting, ...part(b.matting) } }));
  const hasFilm = usePlan((p) => p.cutList.some((c) => c.note.includes("clear film")));
  const layers = Math.max(1, ...faces.map((f) => f.layers));
  return (
    <div className="text-base leading-9">
      <p className="m-0">
        Dressed faces have{" "}
        <ChoiceWord
          label="Mat layers"
          value={String(matting.layers)}
          choices={COUNTS}
          onChoose={(n) => void set(() => ({ layers: Number(n) }))}
        />{" "}
        {matting.layers === 1 ? "mat" : "mats"} each, where it is not said otherwise.
      </p>
      <ul className="m-0 list-none p-0" aria-label="Papers">
        <li>
          The <b>base</b> is{" "}
          <PaperWords label="base" field="base" paper={brief.base} onChange={(base) => change({ base })} />.
        </li>
        {Array.from({ length: Math.min(layers, 3) }, (_, i) => {
          const paper = ofLayer(matting.papers, i);
          if (!paper) return null;
          return (
            <li key={i}>
              Layer <b>{i + 1}</b> is{" "}
              <PaperWords
                label={`layer ${i + 1}`}
                field={`matting.papers[${Math.min(i, matting.papers.length - 1)}]`}
                paper={paper}
                onChange={(changed) => set((now) => ({ papers: withLayer(now.papers, i, changed) }))}
              />
              , stepping in{" "}
              <TextWord
                label={`Step of layer ${i + 1}`}
                field={`matting.steps[${i}]`}
                shown={pretty(ofLayer(matting.steps, i) ?? "")}
                help="What it is smaller than what lies under it, on every side."
                onCommit={(step) => set((now) => ({ steps: withLayer(now.steps, i, step) }))}
              />
              .
            </li>
          );
        })}
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
      </ul>
    </div>
  );
}
