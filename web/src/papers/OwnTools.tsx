import { useQuery } from "@tanstack/react-query";
import { api } from "../api/client";
import type { ToolSet } from "../api/types";
import { SCORING } from "../bench/scoring";
import { useGrids } from "../bench/useTables";
import { ChoiceWord } from "../parts/ChoiceWord";
import { Trouble } from "../parts/Trouble";
import { pretty } from "../state/lengths";
import { useAttempt } from "../state/useAttempt";

const NAMES = { INCH: "inches", METRIC: "millimetres" };

/** What the maker measures, scores and cuts with: new cards begin with it. */
export function OwnTools() {
  const sets = useQuery({ queryKey: ["own-tools"], queryFn: api.ownTools });
  const grids = useGrids();
  const { trouble, attempt } = useAttempt("own-tools");
  const change = (set: ToolSet, part: Partial<ToolSet["tools"]>) =>
    attempt(() => api.changeTools({ ...set, tools: { ...set.tools, ...part } }));
  return (
    <>
      <h2 className="font-title text-quiet m-0 mb-1 text-lg font-normal">Your tools</h2>
      {sets.data?.map((set) => (
        <p key={set.units} className="m-0 text-base leading-9">
          New cards in {NAMES[set.units]} are measured to{" "}
          <ChoiceWord
            label={`Ruler, ${NAMES[set.units]}`}
            value={set.tools.ruler}
            choices={grids.map((g) => ({ value: g.name, label: pretty(g.name) }))}
            onChoose={(ruler) => void change(set, { ruler })}
          />
          , scored on a{" "}
          <ChoiceWord
            label={`Board, ${NAMES[set.units]}`}
            value={set.tools.board}
            choices={grids.map((g) => ({ value: g.name, label: pretty(g.name) }))}
            onChoose={(board) => void change(set, { board })}
          />{" "}
          board that reaches{" "}
          <ToolSize
            label={`Board's reach, ${NAMES[set.units]}`}
            value={set.tools.boardReach ?? ""}
            onType={(boardReach) => void change(set, { boardReach })}
          />
          ,{" "}
          <ChoiceWord
            label={`Scoring, ${NAMES[set.units]}`}
            value={set.tools.scoring ?? "ONE_SIDE"}
            choices={SCORING}
            onChoose={(scoring) => void change(set, { scoring })}
          />
          , and cut with a{" "}
          <ToolSize
            label={`Trimmer, ${NAMES[set.units]}`}
            value={set.tools.trimmer}
            onType={(trimmer) => void change(set, { trimmer })}
          />{" "}
          trimmer; a cutting machine&apos;s bed is{" "}
          <ToolSize
            label={`Bed, ${NAMES[set.units]}`}
            value={set.tools.bed ?? ""}
            onType={(bed) => void change(set, { bed })}
          />
          .
        </p>
      ))}
      <Trouble text={trouble} />
    </>
  );
}

interface ToolSizeProps {
  label: string;
  value: string;
  onType(value: string): void;
}

/** A length or a size of a tool, typed in its place in the sentence. */
function ToolSize({ label, value, onType }: ToolSizeProps) {
  return (
    <input
      key={value}
      aria-label={label}
      defaultValue={pretty(value)}
      className="border-accent text-accent field-sizing-content min-h-8 min-w-12 border-b-2 bg-transparent font-bold"
      onKeyDown={(e) => e.key === "Enter" && e.currentTarget.blur()}
      onBlur={(e) => e.target.value.trim() !== pretty(value) && onType(e.target.value.trim())}
    />
  );
}
