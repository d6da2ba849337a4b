import { Button } from "../parts/Button";
import { Sheet } from "../parts/Sheet";
import { pretty } from "../state/lengths";
import { useBench, useBenchStore } from "../state/useBench";

/** Another tab has saved this project in the meantime: the maker chooses, and neither is lost. */
export function Conflict() {
  const theirs = useBench((b) => b.theirs);
  const plan = useBench((b) => b.plan);
  const store = useBenchStore();
  const said = (basis: { width?: string | null; height?: string | null }) =>
    [basis.width, basis.height]
      .filter(Boolean)
      .map((l) => pretty(l ?? ""))
      .join(" × ");
  return (
    <Sheet
      title="Changed in another tab"
      text="This project was saved elsewhere while you worked on it here. Whatever you choose, the other stays in the revisions or in undo."
      open={theirs !== null}
      onOpenChange={() => {}}
    >
      {theirs && plan && (
        <>
          <p>
            There: revision {theirs.revision}, {theirs.brief.fold} {said(theirs.brief.basis)}, saved{" "}
            {new Date(theirs.updatedAt).toLocaleTimeString()}.
          </p>
          <p>
            Here: {plan.brief.fold} {said(plan.brief.basis)}.
          </p>
          <p className="m-0 flex gap-2">
            <Button look="strong" onClick={() => void store.keepMine()}>
              Keep what is here
            </Button>
            <Button onClick={() => void store.takeTheirs()}>Take what is there</Button>
          </p>
        </>
      )}
    </Sheet>
  );
}
