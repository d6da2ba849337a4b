import { Trash2 } from "lucide-react";
import { useQuery } from "@tanstack/react-query";
import { useState, type ReactNode } from "react";
import { api } from "../api/client";
import type { OwnStep, Task, Technique } from "../api/types";
import { Block } from "../parts/Block";
import { Button } from "../parts/Button";
import { useBench, useChange, usePlan, useSettledBrief } from "../state/useBench";
import { places, TECHNIQUES } from "./techniques";

const LONGEST = 200;

/** What the maker adds: stamping, inking, gems, words; the order of work puts it where it can still be done. */
export function OwnSteps() {
  const plan = usePlan((p) => p);
  const own = useBench((b) => b.plan?.brief.ownSteps) ?? [];
  const change = useChange();
  const choices = places(plan);
  const [technique, setTechnique] = useState<Technique>("STAMP");
  const [on, setOn] = useState("");
  const [words, setWords] = useState("");
  const place = choices.some((c) => c.value === on) ? on : (choices[0]?.value ?? "");
  const [wanted, setWanted] = useState("");
  const allowed = useAllowed(technique, place, plan.tasks);
  const beside = allowed.find((a) => a.value === wanted)?.beside;

  async function add() {
    const step: OwnStep = { technique, on: place, words: words.trim(), ...(beside && { beside }) };
    if (!(await change((b) => ({ ownSteps: [...(b.ownSteps ?? []), step] })))) return;
    setWords("");
    setWanted("");
  }
  return (
    <Block title="Steps of your own">
      <ul aria-label="Your own steps" className="m-0 list-none p-0 text-base">
        {own.map((step, i) => (
          <li key={i} className="flex items-center gap-2">
            <span className="grow">
              <b>{TECHNIQUES[step.technique]}</b> on{" "}
              {choices.find((c) => c.value === step.on)?.label ?? step.on}
              {step.words ? `: ${step.words}` : ""}
              {step.beside && (
                <span className="text-quiet">
                  {" "}
                  · {besideText(step.beside, plan.tasks) ?? "its place is gone"}
                </span>
              )}
            </span>
            <Button
              aria-label={`Take out: ${TECHNIQUES[step.technique]}`}
              onClick={() => void change((b) => ({ ownSteps: (b.ownSteps ?? []).filter((_, k) => k !== i) }))}
            >
              <Trash2 aria-hidden size={16} />
            </Button>
          </li>
        ))}
      </ul>
      <form
        className="mt-2 flex flex-col gap-2 text-base"
        onSubmit={(e) => {
          e.preventDefault();
          void add();
        }}
      >
        <Select label="What" value={technique} onChange={(v) => setTechnique(v as Technique)}>
          {Object.entries(TECHNIQUES).map(([value, label]) => (
            <option key={value} value={value}>
              {label}
            </option>
          ))}
        </Select>
        <Select label="On what" value={place} onChange={setOn}>
          {choices.map((c) => (
            <option key={c.value} value={c.value}>
              {c.label}
            </option>
          ))}
        </Select>
        <Select label="When" value={beside ? wanted : ""} onChange={setWanted}>
          <option value="">Where it is best done</option>
          {allowed.map((a) => (
            <option key={a.value} value={a.value}>
              {a.label}
            </option>
          ))}
        </Select>
        <label className="flex flex-col text-sm">
          In your words
          <input
            value={words}
            maxLength={LONGEST}
            onChange={(e) => setWords(e.target.value)}
            className="border-rule bg-ground text-ink min-h-10 rounded-md border px-2 text-base"
          />
        </label>
        <Button type="submit" look="strong" className="min-h-11 justify-center text-base" disabled={!place}>
          Put it into the order of work
        </Button>
      </form>
    </Block>
  );
}

interface SelectProps {
  label: string;
  value: string;
  onChange(value: string): void;
  children: ReactNode;
}

function Select({ label, value, onChange, children }: SelectProps) {
  return (
    <label className="flex flex-col text-sm">
      {label}
      <select
        value={value}
        onChange={(e) => onChange(e.target.value)}
        className="border-rule bg-ground text-ink min-h-10 rounded-md border px-2 text-base"
      >
        {children}
      </select>
    </label>
  );
}

type Beside = NonNullable<OwnStep["beside"]>;

/** "after step 3, Fold the base"; nothing where the step is gone. */
function besideText(beside: Beside, tasks: Task[]): string | null {
  const at = tasks.findIndex((t) => t.id === beside.task);
  const task = tasks[at];
  return task ? `${beside.order === "BEFORE" ? "before" : "after"} step ${at + 1}, ${task.title}` : null;
}

/** The steps beside which it can be done. */
function useAllowed(technique: Technique, on: string, tasks: Task[]) {
  const brief = useSettledBrief();
  const places = useQuery({
    queryKey: ["own-places", brief, technique, on],
    queryFn: ({ signal }) => api.ownPlaces(brief, { technique, on, words: "" }, signal),
    enabled: on !== "",
    staleTime: Infinity,
  });
  const { before = [], after = [] } = places.data ?? {};
  const besides: Beside[] = [
    ...before.map((task) => ({ order: "BEFORE" as const, task })),
    ...after.map((task) => ({ order: "AFTER" as const, task })),
  ];
  return besides.map((beside) => ({
    beside,
    value: `${beside.order} ${beside.task}`,
    label: besideText(beside, tasks) ?? "",
  }));
}
