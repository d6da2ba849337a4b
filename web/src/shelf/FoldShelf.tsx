import { useQuery } from "@tanstack/react-query";
import { Dialog, ToggleGroup } from "radix-ui";
import { useState } from "react";
import { api } from "../api/client";
import type { ShelfEntry } from "../api/types";
import { counted } from "../parts/counted";
import { Button } from "../parts/Button";
import { reach } from "../fold/poses";
import { changeFold } from "../state/changeFold";
import { useBenchStore, usePlan, useSettledBrief } from "../state/useBench";
import { SmallModel } from "./SmallModel";
import { toAndFro, useClock } from "./useClock";

/** At most this many turns of the hand is quick work. */
const QUICK = 6;

const FILTERS = {
  made: { label: "can be made", holds: (e: ShelfEntry) => e.closed !== null && e.closed !== undefined },
  room: { label: "has room to write", holds: (e: ShelfEntry) => Boolean(e.messageRoom) },
  stands: { label: "stands by itself", holds: (e: ShelfEntry) => e.stands },
  quick: { label: "quick to make", holds: (e: ShelfEntry) => e.effort <= QUICK },
} as const;

type Filter = keyof typeof FILTERS;

interface FoldShelfProps {
  open: boolean;
  onOpenChange(open: boolean): void;
}

/** All folds, moving, each as large as the envelope and the sheet at hand allow. */
export function FoldShelf({ open, onOpenChange }: FoldShelfProps) {
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/40" />
        <Dialog.Content className="bg-ground text-ink fixed inset-4 z-50 flex flex-col gap-3 overflow-hidden rounded-lg p-4 shadow-xl">
          <Shelf onDone={() => onOpenChange(false)} />
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function Shelf({ onDone }: { onDone(): void }) {
  const brief = usePlan((p) => p.brief);
  const settled = useSettledBrief();
  const sheet = usePlan((p) => p.sheet);
  const fit = usePlan((p) => p.fit);
  const store = useBenchStore();
  const shelf = useQuery({
    queryKey: ["shelf", settled],
    queryFn: ({ signal }) => api.shelf(settled, signal),
    staleTime: Infinity,
    gcTime: 60_000,
  });
  const [filters, setFilters] = useState<Filter[]>([]);
  const seconds = useClock(true);
  const shown = shelf.data?.filter((e) => filters.every((f) => FILTERS[f].holds(e)));

  /* Folds of one's own are free strips, told apart by what was typed. */
  const isOnTheBench = (entry: ShelfEntry) =>
    entry.fold === brief.fold &&
    Object.entries(entry.brief.parameters).every(([key, text]) => brief.parameters[key] === text);

  async function choose(entry: ShelfEntry) {
    await changeFold(store, (now) => ({
      fold: entry.fold,
      basis: entry.brief.basis,
      parameters: { ...now.parameters, ...entry.brief.parameters },
    }));
    onDone();
  }

  return (
    <>
      <div className="flex flex-wrap items-center gap-3">
        <Dialog.Title className="font-title m-0 text-2xl font-normal">Fold shelf</Dialog.Title>
        <Dialog.Description className="text-quiet m-0 grow">
          Each as large as {fit ? `envelope ${fit.name} and ` : ""}a sheet of {sheet.name} allow; the easiest
          first.
        </Dialog.Description>
        <Button onClick={onDone}>Close</Button>
        <ToggleGroup.Root
          type="multiple"
          aria-label="Show only folds that"
          className="flex w-full flex-wrap gap-1"
          value={filters}
          onValueChange={(v) => setFilters(v as Filter[])}
        >
          {Object.entries(FILTERS).map(([key, f]) => (
            <ToggleGroup.Item
              key={key}
              value={key}
              className="border-rule bg-raised data-[state=on]:border-accent data-[state=on]:bg-accent-soft min-h-9 rounded-full border px-3 text-sm font-semibold"
            >
              {f.label}
            </ToggleGroup.Item>
          ))}
        </ToggleGroup.Root>
      </div>
      {shelf.error && <p role="alert">{shelf.error.message}</p>}
      {!shown && !shelf.error && <p>Taking folds off the shelf …</p>}
      <ul className="m-0 grid grow list-none grid-cols-[repeat(auto-fill,minmax(15rem,1fr))] content-start gap-3 overflow-auto p-1">
        {shown?.map((entry) => (
          <ShelfCard
            key={entry.fold + entry.name}
            entry={entry}
            seconds={seconds}
            isNow={isOnTheBench(entry)}
            onChoose={() => void choose(entry)}
          />
        ))}
      </ul>
      {shown?.length === 0 && <p>No fold is all of that. Take one wish away.</p>}
    </>
  );
}

interface ShelfCardProps {
  entry: ShelfEntry;
  seconds: number;
  isNow: boolean;
  onChoose(): void;
}

function ShelfCard({ entry, seconds, isNow, onChoose }: ShelfCardProps) {
  const { folding } = entry;
  const facts = [
    entry.limit === "SHEET" ? "as large as the sheet gives" : "as large as the envelope takes",
    entry.messageRoom ? `room to write ${entry.messageRoom}` : "no room to write",
    entry.stands ? "stands" : "does not stand",
    `${counted(entry.scores, "score")}${entry.glued ? `, ${entry.glued} glued` : ""}`,
  ];
  return (
    <li
      className={`bg-raised flex flex-col gap-1 rounded-lg border p-3 ${isNow ? "border-accent border-2" : "border-rule"}`}
    >
      {folding ? (
        <div className="grid h-28 grid-cols-[3fr_2fr] items-center">
          <AsItLooks entry={entry} />
          <SmallModel
            folding={folding}
            at={seconds ? toAndFro(seconds, reach(folding)) : 0.75 * reach(folding)}
          />
        </div>
      ) : (
        <div className="h-28" />
      )}
      <h3 className="font-title m-0 text-lg font-normal">{entry.name}</h3>
      {entry.closed ? (
        <>
          <p className="m-0 text-base">
            <b>{entry.closed}</b> closed
          </p>
          <p className="text-quiet m-0 grow text-sm">{facts.join(" · ")}</p>
        </>
      ) : (
        <p className="text-warn m-0 grow text-sm">{entry.reason}</p>
      )}
      <Button
        look={isNow ? "plain" : "strong"}
        disabled={!entry.closed}
        onClick={onChoose}
        aria-label={`Choose ${entry.name}`}
        className="self-start"
      >
        {isNow ? "On the bench" : "Choose"}
      </Button>
    </li>
  );
}

/** The card in its papers, closed and opened, as the server draws it. */
function AsItLooks({ entry }: { entry: ShelfEntry }) {
  const picture = useQuery({
    queryKey: ["picture", entry.brief],
    queryFn: ({ signal }) => api.picture(entry.brief, signal),
    staleTime: Infinity,
    enabled: entry.closed !== null && entry.closed !== undefined,
  });
  return picture.data ? (
    <img src={picture.data} alt={`${entry.name} as it looks`} className="max-h-28 w-full object-contain" />
  ) : (
    <span />
  );
}
