import { Tabs } from "radix-ui";
import { envelopeAddress } from "../api/client";
import type { MadeEnvelope } from "../api/types";
import { FlatSheet } from "../bench/FlatSheet";
import { useMarking } from "../bench/ProjectFrame";
import { ScoreCard } from "../bench/ScoreCard";
import { Button } from "../parts/Button";
import { useBench, useBenchStore } from "../state/useBench";

const STYLES: Record<MadeEnvelope["style"], string> = {
  STRAIGHT: "Straight flap",
  DIAGONAL: "Square on its corner",
  BOX: "Box",
};

/** Envelopes made to measure: blank, scores, template and how they are folded. */
export function MadeEnvelopes({ made }: { made: MadeEnvelope[] }) {
  return (
    <Tabs.Root defaultValue="STRAIGHT">
      <Tabs.List aria-label="Kinds of envelope" className="mb-1 flex flex-wrap gap-1">
        {made.map((m) => (
          <Tabs.Trigger
            key={m.style}
            value={m.style}
            className="border-rule data-[state=active]:border-accent data-[state=active]:text-accent hover:bg-accent-soft min-h-9 rounded-md border px-2 text-sm font-semibold"
          >
            {STYLES[m.style]}
          </Tabs.Trigger>
        ))}
      </Tabs.List>
      {made.map((m) => (
        <Tabs.Content key={m.style} value={m.style}>
          <Blank made={m} />
        </Tabs.Content>
      ))}
    </Tabs.Root>
  );
}

function Blank({ made }: { made: MadeEnvelope }) {
  const bench = useBench((b) => b);
  const store = useBenchStore();
  const { marked, onMark } = useMarking();

  async function print(paper: "a4" | "letter") {
    await store.saveNow();
    if (bench.project && store.get().save === "saved")
      window.open(envelopeAddress(bench.project.id, made.style, paper), "_blank");
  }

  return (
    <div className="text-base">
      <p className="m-0">
        Inside <b>{made.inside.shown}</b>
        {made.depth && (
          <>
            , <b>{made.depth.shown}</b> deep
          </>
        )}
        ; blank <b>{made.square ? `${made.square.shown} square` : made.piece.size.shown}</b>.
      </p>
      {made.remark && <p className="text-warn font-bold">{made.remark}</p>}
      <FlatSheet piece={made.piece} marked={marked} onMark={onMark} />
      <ScoreCard piece={made.piece} />
      <ol className="m-0 mt-1 list-decimal pl-6">
        {made.how.map((step) => (
          <li key={step}>{step}</li>
        ))}
      </ol>
      <p className="text-warn m-0 mt-1 text-sm">
        Craft knife and guillotine: sharp; cut away from the hand, along a metal ruler. What the tool's maker
        and local rules say comes first.
      </p>
      <p className="m-0 mt-1 flex flex-wrap gap-2">
        <Button onClick={() => void print("a4")}>1:1 template, A4</Button>
        <Button onClick={() => void print("letter")}>1:1 template, Letter</Button>
      </p>
    </div>
  );
}
