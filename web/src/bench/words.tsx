import { TextWord } from "../parts/TextWord";
import { lengthText, pretty } from "../state/lengths";
import { useChange, usePlan } from "../state/useBench";
import { useGrids } from "./useTables";

interface LengthWordProps {
  label: string;
  field: string;
  text: string;
  onCommit(text: string): Promise<boolean>;
  /** For arrow keys. */
  mm?: number;
  help?: string;
}

/** A length of the brief; arrow keys go along the tool's grid. */
export function LengthWord({ label, field, text, onCommit, mm, help }: LengthWordProps) {
  const { brief } = usePlan();
  const step = useGrids().find((g) => g.name === brief.tools.ruler)?.mm;
  const stepped =
    mm !== undefined && step
      ? (steps: number) => lengthText((Math.round(mm / step) + steps) * step, brief.units)
      : undefined;
  return (
    <TextWord
      label={label}
      field={field}
      shown={pretty(text)}
      onCommit={onCommit}
      stepped={stepped}
      help={help}
    />
  );
}

/** A weight of stock in g/m². */
export function GsmWord({ label, field }: { label: string; field: "baseGsm" | "matGsm" }) {
  const { brief } = usePlan();
  const change = useChange();
  const gsm = brief[field];
  return (
    <TextWord
      label={label}
      field={field}
      shown={`${gsm} gsm`}
      onCommit={(text) => change({ [field]: Number.parseInt(text, 10) || 0 })}
      stepped={(steps) => String(gsm + 10 * steps)}
    />
  );
}
