import { useState } from "react";
import { api } from "../api/client";
import type { OwnFold, Preset } from "../api/types";
import { Button } from "../parts/Button";
import { ChoiceWord } from "../parts/ChoiceWord";
import { Sheet } from "../parts/Sheet";
import { pretty } from "../state/lengths";
import { changeFold } from "../state/changeFold";
import { useBenchStore, useChange, usePlan } from "../state/useBench";
import { useFolds, useOwnFolds } from "./useTables";
import { useAttempt } from "../state/useAttempt";

/** The fold, from the catalogue or one of the maker's own; what the brief already says is kept. */
export function FoldWord() {
  const brief = usePlan((p) => p.brief);
  const store = useBenchStore();
  const folds = useFolds();
  const own = useOwnFolds();
  const mine = own.find((o) => o.fold === brief.fold && isMadeOf(o, brief.parameters));
  const choose = (value: string) => {
    const kept = own.find((o) => o.id === value);
    void changeFold(store, (b) =>
      kept ? { fold: kept.fold, parameters: { ...b.parameters, ...kept.parameters } } : { fold: value },
    );
  };
  return (
    <ChoiceWord
      label="Fold"
      value={mine?.id ?? brief.fold}
      choices={[
        ...folds.map((f) => ({ value: f.id, label: f.name, hint: f.summary })),
        ...own.map((o) => ({ value: o.id, label: o.name, hint: "Your own fold." })),
      ]}
      onChoose={choose}
    />
  );
}

const isMadeOf = (own: OwnFold, parameters: Record<string, string>) =>
  Object.entries(own.parameters).every(([key, text]) => parameters[key] === text);

/** Sizes that makers often begin with; choosing one is a change like any other. */
export function UsualSizes() {
  const brief = usePlan((p) => p.brief);
  const change = useChange();
  const presets = useFolds().find((f) => f.id === brief.fold)?.presets ?? [];
  const begin = ({ width, height, parameters, units }: Preset) =>
    change({ basis: { kind: "CLOSED", width, height }, parameters, units });
  return (
    <span className="mr-4">
      Begin with a{" "}
      <ChoiceWord
        label="Usual sizes"
        value="usual"
        shown="usual size"
        choices={presets.map((p, i) => ({
          value: String(i),
          label: p.name,
          hint: Object.entries(p.parameters)
            .map(([key, text]) => `${key} ${pretty(text)}`)
            .join(", "),
        }))}
        onChoose={(i) => {
          const preset = presets[Number(i)];
          if (preset) void begin(preset);
        }}
      />
      .
    </span>
  );
}

/** A fold whose panels are typed can be kept under a name. */
export function OwnFolds() {
  const parameters = usePlan((p) => p.parameters);
  const [open, setOpen] = useState(false);
  if (!parameters.some((p) => p.kind === "PANELS" || p.kind === "PATTERN")) return null;
  return (
    <>
      <Button className="mr-4" onClick={() => setOpen(true)}>
        Keep as my own fold
      </Button>
      <Sheet
        title="Your own folds"
        text="A kept fold stands on the shelf and in the list of folds, with its panels, slits and joints."
        open={open}
        onOpenChange={setOpen}
      >
        <Keeping onDone={() => setOpen(false)} />
      </Sheet>
    </>
  );
}

function Keeping({ onDone }: { onDone(): void }) {
  const brief = usePlan((p) => p.brief);
  const own = useOwnFolds();
  const [name, setName] = useState("");
  const { trouble, attempt } = useAttempt("own-folds", "shelf");
  const [gone, setGone] = useState<OwnFold | null>(null);

  return (
    <div className="flex flex-col gap-3">
      <form
        className="flex flex-wrap items-end gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          void attempt(() => api.keepFold(name, brief)).then((done) => done && onDone());
        }}
      >
        <label className="flex grow flex-col text-sm">
          Name of the fold
          <input
            className="border-rule bg-ground min-h-10 rounded-md border px-2 text-base"
            value={name}
            maxLength={80}
            onChange={(e) => setName(e.target.value)}
          />
        </label>
        <Button look="strong" type="submit">
          Keep it
        </Button>
      </form>
      {trouble && (
        <p role="alert" className="border-stop bg-stop-soft m-0 rounded-md border-l-4 px-3 py-1.5">
          {trouble}
        </p>
      )}
      {gone && (
        <p role="status" className="m-0 flex items-center gap-2">
          {gone.name} is off the shelf.
          <Button
            onClick={() =>
              void attempt(() => api.takeBackFold(gone.id)).then((done) => done && setGone(null))
            }
          >
            Bring it back
          </Button>
        </p>
      )}
      <ul className="m-0 list-none p-0" aria-label="Folds you kept">
        {own.map((fold) => (
          <li key={fold.id} className="border-rule flex items-center gap-2 border-t py-1">
            <span className="grow">{fold.name}</span>
            <Button
              aria-label={`Take ${fold.name} off the shelf`}
              onClick={() => void attempt(() => api.dropFold(fold.id)).then((done) => done && setGone(fold))}
            >
              Take off
            </Button>
          </li>
        ))}
      </ul>
    </div>
  );
}
