import type { Posting } from "../api/types";
import { FlatSheet } from "../bench/FlatSheet";
import { useMarking } from "../bench/ProjectFrame";
import { ScoreCard } from "../bench/ScoreCard";
import { ChoiceWord } from "../parts/ChoiceWord";
import { TextWord } from "../parts/TextWord";
import { pretty } from "../state/lengths";
import { useChange, usePlan } from "../state/useBench";

const KINDS = [
  { value: "none", label: "nothing", hint: "it stays shut by itself" },
  { value: "belt", label: "a belt", hint: "a band of card that slides off" },
  { value: "tongue", label: "a band with a tongue", hint: "its end slides through two slits and holds" },
  { value: "sleeve", label: "a sleeve", hint: "a wide belt" },
  { value: "ribbon", label: "a ribbon", hint: "tied in a bow" },
  { value: "ring", label: "ring and disc", hint: "a disc that drops into a ring, for gates" },
];

/** The closure, its pieces with their sizes, and how it goes on. */
export function ClosureWords({ kit }: { kit: Posting["closure"] }) {
  const brief = usePlan((p) => p.brief);
  const change = useChange();
  const { marked, onMark } = useMarking();
  const [kind = "none", ...rest] = (brief.closure ?? "none").split(" ");
  const width = rest.join(" ");
  const hasWidth = kind === "belt" || kind === "tongue" || kind === "sleeve" || kind === "ring";
  const usual = kind === "ring" ? kit?.pieces[0]?.size.width : kit?.pieces[0]?.size.height;
  return (
    <div className="text-base">
      <p className="m-0">
        It is held shut by{" "}
        <ChoiceWord
          label="Closure"
          value={kind}
          choices={KINDS}
          onChoose={(closure) => void change({ closure })}
        />
        {hasWidth && (
          <>
            {" "}
            <TextWord
              label="Width of the closure"
              field="closure"
              shown={width ? pretty(width) : (usual?.shown ?? "")}
              onCommit={(text) => change({ closure: `${kind} ${text}` })}
            />{" "}
            {kind === "ring" ? "across" : "wide"}
          </>
        )}
        .
      </p>
      {kit && (
        <>
          {kit.ribbon && (
            <p className="m-0">
              Ribbon: <b>{kit.ribbon.shown}</b>
            </p>
          )}
          {kit.pieces.map((piece) => (
            <div key={piece.name} className="border-rule mt-1 border-t pt-1">
              <p className="m-0">
                {piece.name}: <b className="text-lg">{piece.size.shown}</b>
              </p>
              <FlatSheet piece={piece} marked={marked} onMark={onMark} />
              <ScoreCard piece={piece} />
            </div>
          ))}
          <p className="m-0 mt-1">{kit.text}</p>
          <p className="text-quiet m-0 text-sm">
            It adds {kit.adds.mm.toFixed(1)} mm where the card is thickest.
          </p>
        </>
      )}
    </div>
  );
}
