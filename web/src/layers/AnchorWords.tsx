import type { Ornament } from "../api/types";
import { LengthWord } from "../bench/words";
import { ChoiceWord } from "../parts/ChoiceWord";
import { usePlan } from "../state/useBench";
import { isPart, readShape } from "./shape";

type Anchor = NonNullable<Ornament["across"]>;
type From = Anchor["from"];

/** One direction of a face, and its words. */
interface Axis {
  length: "x" | "y";
  anchor: "across" | "up";
  near: string;
  far: string;
  label: string;
}

export const ACROSS: Axis = {
  length: "x",
  anchor: "across",
  near: "left",
  far: "right",
  label: "From left to right",
};
export const UP: Axis = {
  length: "y",
  anchor: "up",
  near: "bottom",
  far: "top",
  label: "From bottom to top",
};

const PANEL = "the panel";

interface AnchorWordsProps {
  ornament: Ornament;
  index: number;
  axis: Axis;
  /** Where it is, for arrow keys. */
  mm?: number;
  onChange(part: Partial<Ornament>): Promise<boolean>;
}

/** What an ornament is laid by in one direction: an edge or the middle, of its panel or of another ornament. */
export function AnchorWords({ ornament, index, axis, mm, onChange }: AnchorWordsProps) {
  const units = usePlan((p) => p.brief.units);
  const earlier = usePlan((p) => p.brief.ornaments)
    .slice(0, index)
    .filter((o) => o.face === ornament.face && !isPart(readShape(o.outline)));
  const anchor = ornament[axis.anchor] ?? { from: "NEAR" as const, of: null };
  const isMeasured = anchor.from === "NEAR" || anchor.from === "FAR";
  const zero = units === "INCH" ? "0 in" : "0 mm";
  const set = (part: Partial<Anchor>, length = ornament[axis.length]) =>
    onChange({ [axis.anchor]: { ...anchor, ...part }, [axis.length]: length });
  const froms: { value: From; label: string }[] = [
    { value: "NEAR", label: `from the ${axis.near}` },
    { value: "FAR", label: `from the ${axis.far}` },
    { value: "MIDDLE", label: "in the middle" },
    { value: "ON_NEAR", label: `its middle on the ${axis.near} edge` },
    { value: "ON_FAR", label: `its middle on the ${axis.far} edge` },
  ];
  return (
    <>
      {isMeasured && (
        <>
          <LengthWord
            label={`From the ${anchor.from === "NEAR" ? axis.near : axis.far}`}
            field={`ornaments[${index}].${axis.length}`}
            text={ornament[axis.length]}
            mm={anchor.from === "NEAR" && !anchor.of ? mm : undefined}
            help="Less than 0 hangs over the edge."
            onCommit={(text) => set({}, text)}
          />{" "}
        </>
      )}
      <ChoiceWord
        label={axis.label}
        value={anchor.from}
        choices={froms}
        onChoose={(from) =>
          void set({ from }, isMeasured && (from === "NEAR" || from === "FAR") ? undefined : zero)
        }
      />
      {(earlier.length > 0 || anchor.of) && (
        <>
          {" "}
          of{" "}
          <ChoiceWord
            label={`${axis.label}, laid by`}
            value={anchor.of ?? PANEL}
            shown={anchor.of ? `the ${anchor.of}` : PANEL}
            choices={[
              { value: PANEL, label: PANEL },
              ...earlier.map((o) => ({ value: o.name, label: `the ${o.name}` })),
            ]}
            onChoose={(of) => void set({ of: of === PANEL ? null : of })}
          />
        </>
      )}
    </>
  );
}
