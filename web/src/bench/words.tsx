import { TextWord } from "../parts/TextWord";
import { lengthText, pretty } from "../state/lengths";
import { usePlan } from "../state/useBench";
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
  const brief = usePlan((p) => p.brief);
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

const GSM = /^(\d+) gsm$/;

interface StockWordProps {
  label: string;
  field: string;
  stock: string;
  onCommit(stock: string): Promise<boolean>;
}

/** A stock by weight, basis weight or caliper; arrow keys change a weight. */
export function StockWord({ label, field, stock, onCommit }: StockWordProps) {
  const gsm = GSM.exec(stock);
  return (
    <TextWord
      label={label}
      field={field}
      shown={stock}
      onCommit={onCommit}
      stepped={gsm ? (steps) => `${Number(gsm[1]) + 10 * steps} gsm` : undefined}
      help="A weight such as 300 gsm or 110 lb index, a measured thickness such as 0.4 mm or 14 pt, or both."
    />
  );
}
