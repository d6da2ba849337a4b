import { useState } from "react";
import { useNavigate } from "react-router";
import type { LogContent, MakingState } from "../api/types";
import { api } from "../api/client";
import { LogForm } from "../log/LogForm";
import { Block } from "../parts/Block";
import { useBench, usePlan } from "../state/useBench";

interface FinishProps {
  project: string;
  state: MakingState;
  /** The place at the table is cleared. */
  onDone(): Promise<void>;
}

const today = () => {
  const now = new Date();
  const two = (n: number) => String(n).padStart(2, "0");
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
};

/** The card is made: into the logbook with it, with what was measured and how long it took. */
export function Finish({ project, state, onDone }: FinishProps) {
  const plan = usePlan((p) => p);
  const name = useBench((b) => b.name);
  const revision = useBench((b) => b.project?.revision ?? 0);
  const navigate = useNavigate();
  const [begun, setBegun] = useState(false);
  const measures = plan.tasks.flatMap((t) => t.measures);
  const content: LogContent = {
    project,
    revision,
    card: name,
    fold: "",
    madeOn: today(),
    occasion: "",
    cards: state.cards,
    minutes: Math.max(1, Math.round(state.seconds / 60)),
    recipients: [],
    envelope: plan.fit?.name ?? "",
    postage: "",
    papers: [`${plan.sheet.sheets * state.cards} × ${plan.sheet.name}`],
    changeNext: "",
    measured: state.measured.flatMap(({ key, value }) => {
      const measure = measures.find((m) => m.key === key);
      return measure
        ? [
            {
              hand: measure.hand,
              label: measure.label,
              planned: measure.planned.text,
              value,
            } as const,
          ]
        : [];
    }),
  };
  if (!begun)
    return (
      <Block title="It is made">
        <div className="flex flex-wrap items-center gap-4">
          <p className="m-0 grow text-xl">
            Every step is done. Write down for whom it was, and what to do otherwise next time.
          </p>
          <button
            type="button"
            className="border-accent bg-accent text-on-accent min-h-14 rounded-md px-6 text-xl font-semibold"
            onClick={() => setBegun(true)}
          >
            Into the logbook
          </button>
        </div>
      </Block>
    );
  return (
    <Block title="Into the logbook">
      <LogForm
        content={content}
        words="Write it down"
        onCancel={() => setBegun(false)}
        onKeep={async (kept, photos) => {
          const entry = await api.writeLog(kept, photos, plan.brief);
          /* It is written: a place that cannot be forgotten now must not lead to writing it twice. */
          await onDone().catch(() => undefined);
          void navigate(`/log?entry=${entry.id}`);
        }}
      />
    </Block>
  );
}
