import { useState } from "react";
import type { ParameterValue } from "../api/types";
import { Button } from "../parts/Button";
import { Sheet } from "../parts/Sheet";
import { useBench, useBenchStore } from "../state/useBench";
import { asRows, asText, linesOf } from "./patternText";

interface PatternWordProps {
  parameter: ParameterValue;
  /** Resolves to false if it was refused; what was typed then stays. */
  onCommit(text: string): Promise<boolean>;
}

/** A sheet that is written down line by line, in a window of its own. */
export function PatternWord({ parameter, onCommit }: PatternWordProps) {
  const [draft, setDraft] = useState<string | null>(null);
  const refusal = useBench((b) => b.refusal);
  const store = useBenchStore();
  const refused = refusal?.fields?.find((f) => f.field === `parameters.${parameter.key}`);

  function close() {
    setDraft(null);
    store.forgetRefusal();
  }

  async function take() {
    if (draft !== null && (await onCommit(asText(draft)))) close();
  }

  return (
    <>
      <button
        type="button"
        className="border-accent text-accent hover:bg-accent-soft min-h-8 border-b-2 font-bold"
        onClick={() => setDraft(asRows(parameter.value))}
      >
        {linesOf(parameter.value)}
      </button>
      <Sheet
        title="The sheet, line by line"
        text={parameter.help}
        open={draft !== null}
        onOpenChange={(open) => {
          if (!open) close();
        }}
      >
        <textarea
          aria-label={parameter.label}
          aria-invalid={refused ? true : undefined}
          className="border-rule bg-raised h-72 w-full resize-y rounded border p-2 font-mono text-sm"
          spellCheck={false}
          value={draft ?? ""}
          onChange={(e) => setDraft(e.target.value)}
        />
        {refused && (
          <p role="alert" className="text-stop font-semibold">
            {refused.text}
          </p>
        )}
        <p className="text-quiet text-sm">
          One line each: outline, window, mountain, valley or slit, then its places; a score that lies flat on
          the closed card is a “valley flat” or a “mountain flat”. A line of three places and more bends
          there. Outlines, windows and slits may run round: arc, a place it goes through, its end; or curve,
          its two control points, its end. The last line says in or mm.
        </p>
        <Button look="strong" onClick={() => void take()}>
          Fold this sheet
        </Button>
      </Sheet>
    </>
  );
}
