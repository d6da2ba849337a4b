import { BulkMap } from "../bench/BulkMap";
import { ClosedCard } from "../bench/ClosedCard";
import { useMarking } from "../bench/ProjectFrame";
import { Verdict } from "../bench/Verdict";
import { Meanwhile } from "../parts/Meanwhile";
import { Block } from "../parts/Block";
import { usePlan } from "../state/useBench";
import { ClosureWords } from "./ClosureWords";
import { Envelopes } from "./Envelopes";
import { MadeEnvelopes } from "./MadeEnvelopes";
import { usePosting } from "./usePosting";
import { Verdicts } from "./Verdicts";
import { Weights } from "./Weights";

/** The closed card on its way: envelope, thickness, what holds it shut, and what the post makes of it. */
export function PostView() {
  const closed = usePlan((p) => p.closed);
  const { marked } = useMarking();
  const posting = usePosting();
  if (!closed) {
    return (
      <>
        <Verdict />
        <p role="alert">
          This card does not fold flat, so it cannot go into an envelope. See the snags on the bench.
        </p>
      </>
    );
  }
  return (
    <>
      <Verdict />
      {posting.error && <p role="alert">{posting.error.message}</p>}
      {posting.data && (
        <Meanwhile
          earlier={posting.isPlaceholderData}
          className="grid grid-cols-1 items-start gap-4 md:grid-cols-2 xl:grid-cols-3"
        >
          <div className="flex min-w-0 flex-col gap-3">
            <Block title="Closed, in its envelope">
              <ClosedCard marked={marked} />
            </Block>
            <Block title="How thick where">
              <BulkMap />
            </Block>
            <Block title="What it weighs">
              <Weights />
            </Block>
          </div>
          <div className="flex min-w-0 flex-col gap-3">
            <Block title="In the post">
              <Verdicts posting={posting.data} />
            </Block>
            <Block title="Envelopes at hand">
              <Envelopes posting={posting.data} />
            </Block>
          </div>
          <div className="flex min-w-0 flex-col gap-3 md:col-span-2 xl:col-span-1">
            <Block title="What holds it shut">
              <ClosureWords kit={posting.data.closure ?? null} />
            </Block>
            <Block title="An envelope made for it">
              <MadeEnvelopes made={posting.data.made} />
            </Block>
          </div>
        </Meanwhile>
      )}
    </>
  );
}
