import { ClipboardCopy, FlipHorizontal2 } from "lucide-react";
import type { Ornament, Plan } from "../api/types";
import { useGrids } from "../bench/useTables";
import { Button } from "../parts/Button";
import { ChoiceWord } from "../parts/ChoiceWord";
import { lengthText } from "../state/lengths";
import { panelsOf } from "../state/panels";
import { useChange, usePlan } from "../state/useBench";
import { copy, useCopied } from "./copied";
import {
  groupOf,
  linedUp,
  LINES,
  mirrored,
  pasted,
  spaced,
  withMirrorImage,
  type Extent,
  type Line,
} from "./ornaments";
import { onFace } from "./place";
import { isPart, readShape } from "./shape";

interface ArrangeProps {
  /** Of those that are pointed at; the first is what the others are lined up by. */
  names: string[];
  /** How many there were before something was added: the first of what came. */
  onAdded(from: number): void;
}

const SPACINGS = [
  { value: "across", label: "evenly from left to right" },
  { value: "up", label: "evenly from bottom to top" },
] as const;

/** Mirrored, copied, pasted; several lined up or spaced. */
export function Arrange({ names, onAdded }: ArrangeProps) {
  const plan = usePlan((p) => p);
  const change = useChange();
  const step = useGrids().find((g) => g.name === plan.brief.tools.ruler)?.mm ?? 1;
  const held = useCopied();
  const { ornaments, units } = plan.brief;
  const set = (to: (list: Ornament[]) => Ornament[]) => change((b) => ({ ornaments: to(b.ornaments) }));
  const add = async (to: (list: Ornament[]) => Ornament[]) => {
    if (await set(to)) onAdded(ornaments.length);
  };
  const [name] = names;
  const one = ornaments.find((o) => o.name === name);
  const movable = names.filter((n) => {
    const ornament = ornaments.find((o) => o.name === n);
    return ornament && ornament.face === one?.face && !isPart(readShape(ornament.outline));
  });
  return (
    <p className="m-0 mt-1 flex flex-wrap items-center gap-1.5">
      {one && movable.length < 2 && (
        <>
          <Button onClick={() => void set((list) => mirrored(list, one.name))}>
            <FlipHorizontal2 aria-hidden size={16} /> Turn it over, as in a mirror
          </Button>
          <Button onClick={() => void add((list) => withMirrorImage(list, one.name))}>
            Its mirror image on the other side
          </Button>
          <Button title="Ctrl C" onClick={() => copy(groupOf(ornaments, one.name))}>
            <ClipboardCopy aria-hidden size={16} /> Copy
          </Button>
        </>
      )}
      {movable.length > 1 && (
        <ChoiceWord
          label="Line up"
          value=""
          shown="Line up …"
          choices={Object.entries(LINES).map(([value, { label }]) => ({ value, label }))}
          onChoose={(line) =>
            void set((list) => linedUp(list, movable, line as Line, units === "INCH" ? "0 in" : "0 mm"))
          }
        />
      )}
      {movable.length > 2 && (
        <ChoiceWord
          label="Space out"
          value=""
          shown="Space them …"
          choices={SPACINGS.map(({ value, label }) => ({ value: value as string, label }))}
          onChoose={(chosen) => {
            const axis = chosen as "across" | "up";
            const textOf = (mm: number) => lengthText(Math.round(mm / step) * step, units);
            void set((list) => spaced(list, extentsOf(plan, movable, axis), axis, textOf));
          }}
        />
      )}
      {held.length > 0 && plan.faces.length > 0 && (
        <ChoiceWord
          label="Paste"
          value=""
          shown={`Paste the ${held[0]?.name ?? ""} on …`}
          choices={plan.faces.map((f) => ({ value: f.key, label: f.name }))}
          onChoose={(face) => void add((list) => pasted(list, held, face))}
        />
      )}
    </p>
  );
}

/** Where these lie in one direction, looking at their face. */
function extentsOf(plan: Plan, names: string[], axis: "across" | "up"): Extent[] {
  const panels = panelsOf(plan);
  return plan.ornaments.flatMap((placed) => {
    const panel = panels.find((p) => p.name === placed.panel);
    if (!panel || !names.includes(placed.name)) return [];
    const along = placed.points.map((p) => onFace(panel, placed.side)(p)[axis === "across" ? 0 : 1]);
    const from = Math.min(...along);
    return [{ name: placed.name, from, size: Math.max(...along) - from }];
  });
}
