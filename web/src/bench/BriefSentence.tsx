import { ChoiceWord } from "../parts/ChoiceWord";
import { useChange, usePlan } from "../state/useBench";
import { BasisWords } from "./BasisWords";
import { EnvelopeWord, SheetWord } from "./MaterialWords";
import { FoldWord, OwnFolds, UsualSizes } from "./FoldWords";
import { ParameterWords, ToolWords } from "./ToolWords";
import { GsmWord, LengthWord } from "./words";

const LAYERS = ["no", "one", "two"];

/** The brief as a sentence whose bold words are controls. */
export function BriefSentence() {
  const plan = usePlan();
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
            of <GsmWord label="Mat stock in gsm" field="matGsm" /> paper, stepping{" "}
            <LengthWord
              label="Mat step"
              field="matting.step"
              text={matting.step}
              onCommit={(step) => setMatting({ step })}
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
  const { brief, cutList } = usePlan();
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
