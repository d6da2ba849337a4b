import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api } from "../api/client";
import type { Consequence, Measure, MakingState, Task } from "../api/types";
import { Trouble } from "../parts/Trouble";
import { useSettledBrief } from "../state/useBench";
import { withUnit } from "../state/lengths";
import { useAttempt } from "../state/useAttempt";

interface MeasuredProps {
  task: Task;
  state: MakingState;
  onChange(how: (state: MakingState) => MakingState): void;
}

/** What a ruler says afterwards, and what comes of it. */
export function Measured({ task, state, onChange }: MeasuredProps) {
  const brief = useSettledBrief();
  const queries = useQueryClient();
  const { trouble, attempt } = useAttempt();
  const hands = useQuery({ queryKey: ["hands"], queryFn: api.hands });
  const said = useQuery({
    queryKey: ["consequence", brief, state.measured],
    queryFn: ({ signal }) => api.consequence(brief, state.measured, signal),
    enabled: state.measured.length > 0,
    staleTime: Infinity,
  });
  const aim = task.measures[0]?.hand === "CUT" ? hands.data?.chosen.cutAim : hands.data?.chosen.scoreAim;

  async function commit(measure: Measure, value: string): Promise<boolean> {
    const rest = state.measured.filter((m) => m.key !== measure.key);
    const measured =
      value.trim() === "" ? rest : [...rest, { key: measure.key, value: withUnit(value, brief.units) }];
    const went = await attempt(async () => {
      // What is answered is what is shown then: it is asked for once.
      if (measured.length > 0)
        await queries.fetchQuery({
          queryKey: ["consequence", brief, measured],
          queryFn: () => api.consequence(brief, measured),
          staleTime: Infinity,
        });
    });
    if (went) onChange((s) => ({ ...s, measured }));
    return went;
  }
  const shownHere = task.measures.some((m) => state.measured.some((x) => x.key === m.key));
  const changes = said.data?.changes ?? [];
  return (
    <section aria-label="Measured" className="bg-sunken flex flex-col gap-2 rounded-md px-3 py-2 text-lg">
      {aim ? (
        <p className="m-0">
          Your hand: set it {Math.abs(aim).toFixed(1)} mm {aim > 0 ? "more" : "less"} than it says.
        </p>
      ) : null}
      {task.measures.map((measure) => {
        const change = changes.find((c) => c.key === measure.key);
        return (
          <MeasureLine
            key={measure.key}
            measure={measure}
            value={state.measured.find((m) => m.key === measure.key)?.value ?? ""}
            instead={change?.to.shown}
            onCommit={(value) => commit(measure, value)}
          />
        );
      })}
      <Trouble text={trouble} />
      {shownHere && said.data && <Said said={said.data} />}
    </section>
  );
}

interface MeasureLineProps {
  measure: Measure;
  value: string;
  /** What to set it to instead, to save the piece. */
  instead?: string;
  onCommit(value: string): Promise<boolean>;
}

function MeasureLine({ measure, value, instead, onCommit }: MeasureLineProps) {
  const [draft, setDraft] = useState<string | null>(null);
  const enter = async () => {
    if (draft !== null && (draft.trim() === value || (await onCommit(draft)))) setDraft(null);
  };
  return (
    <label className="flex flex-wrap items-center gap-2">
      <span className="grow">
        {measure.label}: <b>{measure.planned.shown}</b>
        {instead && <span className="text-warn"> — set {instead} instead, it saves the piece</span>}
      </span>
      <span className="text-quiet text-base">measured</span>
      <input
        aria-label={`Measured ${measure.label}`}
        value={draft ?? value}
        onChange={(e) => setDraft(e.target.value)}
        onBlur={() => void enter()}
        onKeyDown={(e) => {
          if (e.key === "Enter") e.currentTarget.blur();
          if (e.key === "Escape") setDraft(null);
        }}
        className="border-rule bg-raised min-h-11 w-32 rounded-md border px-2"
      />
    </label>
  );
}

const MOST = 3;

function Said({ said }: { said: Consequence }) {
  if (said.verdict === "GO_ON" && said.faults.length === 0)
    return (
      <p role="status" className="m-0 font-semibold">
        Good: the closed card does not notice. Go on.
      </p>
    );
  return (
    <div
      role="status"
      className={`rounded-md border-l-4 px-3 py-1 ${said.verdict !== "CUT_AGAIN" ? "border-warn bg-warn-soft" : "border-stop bg-stop-soft"}`}
    >
      <p className="m-0 font-semibold">
        {said.verdict === "GO_ON"
          ? "Go on; it works, only its look suffers:"
          : said.verdict === "CHANGE"
            ? "Go on, but set what comes later otherwise:"
            : said.verdict === "TRIM"
              ? "Trim it to what was planned, then go on:"
              : said.changes.length > 0
                ? "Better cut it again. If you go on all the same, this makes it least bad:"
                : "Better cut it again:"}
      </p>
      <ul className="m-0 pl-5">
        {said.changes.map((c) => (
          <li key={c.key}>
            {c.label}: <b>{c.to.shown}</b> instead of {c.planned.shown}
          </li>
        ))}
        {said.faults.slice(0, MOST).map((f, i) => (
          <li key={i}>
            {said.verdict === "CHANGE" ? "otherwise " : ""}
            {f.about}, by {f.by.shown}
          </li>
        ))}
        {said.faults.length > MOST && <li>and {said.faults.length - MOST} more places</li>}
      </ul>
    </div>
  );
}
