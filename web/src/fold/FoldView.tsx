import { useQuery } from "@tanstack/react-query";
import { Slider } from "radix-ui";
import { useMemo, useState } from "react";
import { api } from "../api/client";
import type { Folding } from "../api/types";
import type { Mark } from "../bench/marks";
import { Meanwhile } from "../parts/Meanwhile";
import { Button } from "../parts/Button";
import { usePlan, useSettledBrief } from "../state/useBench";
import { usePhotos } from "../bench/useBasePhoto";
import { dressOf } from "./dress";
import { LOOKS, type Look } from "./looks";
import { Model } from "./Model";
import type { Drawn } from "./PaperModel";
import { reach, stops } from "./poses";
import { Section } from "./Section";
import { Video } from "./Video";

const LOOK_NAMES = Object.keys(LOOKS) as Look[];
const STEP = 0.02;

interface FoldViewProps {
  marked: Mark | null;
  onMark(mark: Mark | null): void;
}

/** The card as it folds: a model to turn, the section from above, and one slider through all stages. */
export function FoldView(props: FoldViewProps) {
  const settled = useSettledBrief();
  const folding = useQuery({
    queryKey: ["folding", settled],
    queryFn: ({ signal }) => api.folding(settled, signal),
    staleTime: Infinity,
    gcTime: 60_000,
    placeholderData: (before) => before,
  });
  if (folding.error) return <p role="alert">{folding.error.message}</p>;
  if (!folding.data) return <p className="h-64">Folding …</p>;
  if (folding.data.motions.length === 0) return <p>It cannot fold flat, so there is no way to show.</p>;
  return (
    <Meanwhile earlier={folding.isPlaceholderData} data-testid="folding">
      <Moving folding={folding.data} {...props} />
    </Meanwhile>
  );
}

function Moving({ folding, marked, onMark }: FoldViewProps & { folding: Folding }) {
  const plan = usePlan((p) => p);
  const photoOf = usePhotos();
  const dress = useMemo(() => dressOf(plan, photoOf), [plan, photoOf]);
  const [drawn, setDrawn] = useState<Drawn | null>(null);
  const most = reach(folding);
  const named = stops(folding);
  const [wanted, setAt] = useState(named.length > 2 ? 1.5 : 0.7);
  const at = Math.min(wanted, most);
  const [look, setLook] = useState<{ name: Look; number: number }>({ name: "front", number: 0 });
  const blocked = folding.motions.find((m) => m.blocked)?.blocked;
  const panel = marked?.kind === "PANEL" ? marked.id : null;
  const mark = (id: string) => onMark(id === panel ? null : { kind: "PANEL", id });
  const place = named.reduce((a, b) => (Math.abs(b.at - at) < Math.abs(a.at - at) ? b : a));

  return (
    <div className="flex flex-col gap-2">
      <div className="grid grid-cols-[minmax(0,3fr)_minmax(0,2fr)] gap-3">
        <div className="bg-sunken relative h-64 overflow-hidden rounded-md" data-testid="model">
          <Model
            folding={folding}
            at={at}
            from={LOOKS[look.name]}
            lookNumber={look.number}
            marked={panel}
            onMark={mark}
            onPicture={setDrawn}
            dress={dress}
          />
        </div>
        <Section folding={folding} at={at} marked={panel} onMark={mark} />
      </div>
      <div className="flex flex-wrap items-center gap-2">
        {LOOK_NAMES.map((name) => (
          <Button key={name} onClick={() => setLook((l) => ({ name, number: l.number + 1 }))}>
            {name}
          </Button>
        ))}
        <Slider.Root
          className="relative mx-2 flex h-9 min-w-40 grow touch-none items-center select-none"
          value={[at]}
          min={0}
          max={most}
          step={STEP}
          onValueChange={([v = 0]) => setAt(v)}
        >
          <Slider.Track className="bg-rule relative h-1.5 grow rounded-full">
            <Slider.Range className="bg-accent absolute h-full rounded-full" />
          </Slider.Track>
          <Slider.Thumb
            aria-label="How far it is folded"
            aria-valuetext={`${Math.abs(place.at - at) < STEP ? "" : "near "}${place.name}`}
            className="border-accent bg-raised block size-6 rounded-full border-2"
          />
        </Slider.Root>
        {named.map((stop) => (
          <Button key={stop.name} disabled={stop.at > most} onClick={() => setAt(stop.at)}>
            {stop.name}
          </Button>
        ))}
      </div>
      {drawn && <Video folding={folding} dress={dress} from={drawn.from} />}
      {blocked && (
        <p role="alert" className="border-warn bg-warn-soft m-0 rounded-md border-l-4 px-3 py-1.5">
          {blocked}
        </p>
      )}
      {folding.crossing && (
        <p role="alert" className="border-warn bg-warn-soft m-0 rounded-md border-l-4 px-3 py-1.5">
          {folding.crossing}
        </p>
      )}
      {folding.standing && (
        <p data-testid="standing" className="m-0 text-base">
          Displayed <b>{folding.standing.width.shown}</b> wide, <b>{folding.standing.height.shown}</b> high,{" "}
          <b>{folding.standing.depth.shown}</b> deep:{" "}
          {folding.standing.stands ? "it stands by itself." : "it tips over by itself."}
        </p>
      )}
    </div>
  );
}
