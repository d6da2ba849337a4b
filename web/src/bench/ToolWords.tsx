import { RotateCcw } from "lucide-react";
import type { ParameterValue } from "../api/types";
import { ChoiceWord } from "../parts/ChoiceWord";
import { DrawingButton } from "../parts/DrawingButton";
import { TextWord } from "../parts/TextWord";
import { pretty } from "../state/lengths";
import { useChange, usePlan } from "../state/useBench";
import { SCORING } from "./scoring";
import { useGrids } from "./useTables";
import { PatternWord } from "./PatternWord";
import { LengthWord } from "./words";

/** The tools that a plan must suit. */
export function ToolWords() {
  const brief = usePlan((p) => p.brief);
  const change = useChange();
  const grids = useGrids();
  const { tools } = brief;
  const set = (part: Partial<typeof tools>) => change((b) => ({ tools: { ...b.tools, ...part } }));
  const choices = grids.map((g) => ({ value: g.name, label: pretty(g.name) }));
  return (
    <>
      Measured to{" "}
      <ChoiceWord
        label="Ruler marks"
        value={tools.ruler}
        choices={choices}
        onChoose={(ruler) =>
          void change((b) => ({ tools: { ...b.tools, ruler }, matting: { ...b.matting, grid: ruler } }))
        }
      />
      , scored on a{" "}
      <ChoiceWord
        label="Board grooves"
        value={tools.board}
        choices={choices}
        onChoose={(board) => void set({ board })}
      />{" "}
      board that reaches{" "}
      <LengthWord
        label="Board's reach"
        field="tools.boardReach"
        text={tools.boardReach ?? ""}
        help="From its fence to its last groove."
        onCommit={(boardReach) => set({ boardReach })}
      />
      ,{" "}
      <ChoiceWord
        label="Scoring"
        value={tools.scoring ?? "RIDGE_SIDE"}
        choices={SCORING}
        onChoose={(scoring) => void set({ scoring })}
      />
      , cut with a{" "}
      <LengthWord
        label="Trimmer length"
        field="tools.trimmer"
        text={tools.trimmer}
        onCommit={(trimmer) => set({ trimmer })}
      />{" "}
      trimmer.
    </>
  );
}

/** The fold's own measures, each with its limits and a way back to the usual value. */
export function ParameterWords() {
  const plan = usePlan((p) => p);
  const own = plan.parameters.filter((p) => p.key !== "width" && p.key !== "height");
  return (
    <>
      {own.map((p, i) => (
        <span key={p.key} className="mr-4">
          {i === 0 ? "With " : ""}
          <ParameterWord parameter={p} />
        </span>
      ))}
    </>
  );
}

function ParameterWord({ parameter }: { parameter: ParameterValue }) {
  const change = useChange();
  /* Panels typed anew have a closed width of their own, and a pattern its height as well. */
  const ownsWidth = parameter.kind === "PANELS" || parameter.kind === "PATTERN";
  const ownsHeight = parameter.kind === "PATTERN";
  const set = (text: string) =>
    change((b) => ({
      parameters: { ...b.parameters, [parameter.key]: text },
      basis:
        ownsWidth && b.basis.kind === "CLOSED"
          ? { ...b.basis, width: null, height: ownsHeight ? null : b.basis.height }
          : b.basis,
    }));
  const reset = () =>
    change((b) => ({
      parameters: Object.fromEntries(Object.entries(b.parameters).filter(([key]) => key !== parameter.key)),
    }));
  const help = [parameter.help, parameter.limits].filter(Boolean).join(" ");
  return (
    <span>
      {parameter.label}{" "}
      {parameter.kind === "LENGTH" ? (
        <LengthWord
          label={parameter.label}
          field={`parameters.${parameter.key}`}
          text={parameter.value}
          mm={parameter.mm ?? undefined}
          help={help}
          onCommit={set}
        />
      ) : parameter.kind === "OUTLINE" ? (
        <>
          <ChoiceWord
            label={parameter.label}
            value={parameter.value.startsWith("drawn ") ? "drawn" : parameter.value}
            choices={[
              ...(parameter.value.startsWith("drawn ") ? [{ value: "drawn", label: "drawn outline" }] : []),
              ...parameter.choices.map((c) => ({ value: c, label: c })),
            ]}
            onChoose={(c) => {
              if (c !== "drawn") void set(c);
            }}
          />{" "}
          <DrawingButton
            of={`the ${parameter.label}`}
            width="4 in"
            onDrawn={(outline) => set(`drawn ${outline.slice(outline.indexOf(":") + 1)}`)}
          />
        </>
      ) : parameter.kind === "PATTERN" ? (
        <PatternWord parameter={parameter} onCommit={set} />
      ) : parameter.kind === "CHOICE" ? (
        <ChoiceWord
          label={parameter.label}
          value={parameter.value}
          choices={parameter.choices.map((c) => ({ value: c, label: c }))}
          onChoose={(c) => void set(c)}
        />
      ) : (
        <TextWord
          label={parameter.label}
          field={`parameters.${parameter.key}`}
          shown={pretty(parameter.value)}
          help={help}
          onCommit={set}
          stepped={
            parameter.kind === "COUNT" ? (steps) => String(Number(parameter.value) + steps) : undefined
          }
        />
      )}{" "}
      {parameter.chosen ? (
        <button
          type="button"
          onClick={() => void reset()}
          aria-label={`Back to the usual ${parameter.label}`}
          title="Back to the usual value"
          className="text-accent hover:bg-accent-soft inline-flex size-7 items-center justify-center rounded align-middle"
        >
          <RotateCcw aria-hidden size={15} />
        </button>
      ) : (
        <span className="text-quiet text-sm">(usual)</span>
      )}
    </span>
  );
}
