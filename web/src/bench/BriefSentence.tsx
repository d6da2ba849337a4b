import { ChoiceWord } from "../parts/ChoiceWord";
import { useChange, usePlan } from "../state/useBench";
import { BasisWords } from "./BasisWords";
import { EnvelopeWord, SheetWord } from "./MaterialWords";
import { FoldWord, OwnFolds, UsualSizes } from "./FoldWords";
import { ParameterWords, ToolWords } from "./ToolWords";
import { StockWord } from "./words";
import { TextWord } from "../parts/TextWord";
import { pretty } from "../state/lengths";

const LAYERS = ["no", "one", "two", "three"];

/** The brief as a sentence whose bold words are controls. */
export function BriefSentence() {
  const plan = usePlan((p) => p);
  const change = useChange();
  const { brief } = plan;
  const { matting } = brief;
  const setMatting = (part: Partial<typeof matting>) =>
    change((b) => ({ matting: { ...b.matting, ...part } }));
  return (
    <section aria-label="Brief" className="font-title text-[1.2rem] leading-[2.1rem]">
      <p>
        A <FoldWord /> <BasisWords />, <EnvelopeWord />, from <SheetWord />.
      </p>
      <p>
        It has{" "}
        <ChoiceWord
          label="Mat layers"
          value={String(matting.layers)}
          choices={LAYERS.map((label, i) => ({ value: String(i), label }))}
          onChoose={(n) => void setMatting({ layers: Number(n) })}
        />{" "}
        layer{matting.layers === 1 ? "" : "s"} of mats
        {matting.layers > 0 && (
          <>
            {" "}
            of{" "}
            <StockWord
              label="Mat stock"
              field="matting.papers[0].stock"
              stock={matting.papers[0]?.stock ?? ""}
              onCommit={(stock) => setMatting({ papers: matting.papers.map((p) => ({ ...p, stock })) })}
            />{" "}
            paper, stepping{" "}
            <TextWord
              label="Mat step"
              field="matting.steps[0]"
              shown={matting.steps.map(pretty).join(", ")}
              help="What each mat is smaller on every side; several with commas between, the lowest first."
              onCommit={(text) => setMatting({ steps: text.split(",").map((s) => s.trim()) })}
            />
            <MeetingWord />
          </>
        )}
        .
      </p>
      <p className="font-sans text-base leading-8">
        <UsualSizes />
        <ParameterWords />
        <OwnFolds />
        <ToolWords />
      </p>
    </section>
  );
}

/** Only where gates meet is there something to choose. */
function MeetingWord() {
  const brief = usePlan((p) => p.brief);
  const cutList = usePlan((p) => p.cutList);
  const change = useChange();
  if (!cutList.some((piece) => piece.split)) return null;
  return (
    <>
      ,{" "}
      <ChoiceWord
        label="Mats at a meeting line"
        value={brief.matting.meeting}
        choices={[
          { value: "RUN_ON", label: "running on where gates meet" },
          { value: "BORDER", label: "bordered where gates meet" },
        ]}
        onChoose={(meeting) =>
          void change((b) => ({
            matting: { ...b.matting, meeting: meeting as typeof brief.matting.meeting },
          }))
        }
      />
    </>
  );
}
