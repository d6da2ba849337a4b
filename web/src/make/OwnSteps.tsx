import { Trash2 } from "lucide-react";
import { useState } from "react";
import type { Technique } from "../api/types";
import { Block } from "../parts/Block";
import { Button } from "../parts/Button";
import { useBench, useChange, usePlan } from "../state/useBench";
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

  async function add() {
    const step = { technique, on: place, words: words.trim() };
    if (await change((b) => ({ ownSteps: [...(b.ownSteps ?? []), step] }))) setWords("");
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
        <label className="flex flex-col text-sm">
          What
          <select
            value={technique}
            onChange={(e) => setTechnique(e.target.value as Technique)}
            className="border-rule bg-ground text-ink min-h-10 rounded-md border px-2 text-base"
          >
            {Object.entries(TECHNIQUES).map(([value, label]) => (
              <option key={value} value={value}>
                {label}
              </option>
            ))}
          </select>
        </label>
        <label className="flex flex-col text-sm">
          On what
          <select
            value={place}
            onChange={(e) => setOn(e.target.value)}
            className="border-rule bg-ground text-ink min-h-10 rounded-md border px-2 text-base"
          >
            {choices.map((c) => (
              <option key={c.value} value={c.value}>
                {c.label}
              </option>
            ))}
          </select>
        </label>
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
