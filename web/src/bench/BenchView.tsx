import { FoldView } from "../fold/FoldView";
import { Block } from "../parts/Block";
import { Saved } from "../parts/Saved";
import { usePlan } from "../state/useBench";
import { BriefSentence } from "./BriefSentence";
import { ClosedCard } from "./ClosedCard";
import { Forecast } from "./Forecast";
import { FlatSheet } from "./FlatSheet";
import { Pieces } from "./Pieces";
import { useMarking } from "./ProjectFrame";
import { ScoreCard } from "./ScoreCard";
import { Snags } from "./Snags";
import { Steps } from "./Steps";
import { TradeOff } from "./TradeOff";
import { Verdict } from "./Verdict";

/** The bench: the brief, the flat sheet, the card as it folds, and what follows for the table. */
export function BenchView() {
  const pieces = usePlan((p) => p.pieces);
  const mats = usePlan((p) => p.mats);
  const ornaments = usePlan((p) => p.ornaments);
  const { marked, onMark } = useMarking();
  const weighs = usePlan((p) => p.tradeOff !== null);
  return (
    <>
      <BriefSentence />
      <Verdict />
      <div className="grid grid-cols-1 gap-4 md:grid-cols-[minmax(0,1fr)_20rem]">
        <div className="flex min-w-0 flex-col gap-3">
          <Block title="Flat sheet, face side up">
            {pieces.map((piece) => (
              <Saved key={piece.name} name={piece.name}>
                <FlatSheet
                  piece={piece}
                  among={pieces}
                  mats={mats}
                  ornaments={ornaments}
                  marked={marked}
                  onMark={onMark}
                />
              </Saved>
            ))}
          </Block>
          <Block title="Folding">
            <FoldView marked={marked} onMark={onMark} />
          </Block>
          <div className="grid grid-cols-1 gap-3 lg:grid-cols-2">
            <Block title="Score card">
              {pieces.map((piece) => (
                <ScoreCard key={piece.name} piece={piece} />
              ))}
            </Block>
            <Block title="Pieces">
              <Pieces />
            </Block>
          </div>
          <Block title="Order of work">
            <Steps />
          </Block>
        </div>
        <div className="flex flex-col gap-3">
          <Block title="Snags">
            <Snags onMark={onMark} />
          </Block>
          {weighs && (
            <Block title="Weigh it up">
              <TradeOff />
            </Block>
          )}
          <Block title="How forgiving is it?">
            <Forecast />
          </Block>
          <Block title="Closed, in its envelope">
            <ClosedCard marked={marked} />
          </Block>
        </div>
      </div>
    </>
  );
}
