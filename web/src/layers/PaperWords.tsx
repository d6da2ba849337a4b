import type { Paper } from "../api/types";
import { usePapers } from "../bench/useTables";
import { StockWord } from "../bench/words";
import { ChoiceWord } from "../parts/ChoiceWord";
import { TextWord } from "../parts/TextWord";

const PRINTS = [
  { value: "PLAIN", label: "plain", hint: "no pattern; can be written on" },
  { value: "SCATTERED", label: "scattered", hint: "a pattern without direction" },
  { value: "UPRIGHT", label: "upright", hint: "a pattern that has an up" },
];

interface PaperWordsProps {
  /** What it is for: "base", "mat layer 1". */
  label: string;
  /** Path in the brief. */
  field: string;
  paper: Paper;
  onChange(paper: Paper): Promise<boolean>;
}

/** A paper's stock, colour and pattern. */
export function PaperWords({ label, field, paper, onChange }: PaperWordsProps) {
  return (
    <>
      <FromDrawer label={label} paper={paper} onChange={onChange} />
      <TextWord
        label={`Name of the ${label}`}
        field={`${field}.name`}
        shown={paper.name ?? "no name"}
        help="What you call this paper; empty for none. Steps, cut list and shopping list say it."
        onCommit={(name) =>
          onChange({ ...paper, name: name.trim() === "no name" ? null : name.trim() || null })
        }
      />
      ,{" "}
      <input
        type="color"
        aria-label={`Colour of the ${label}`}
        value={paper.colour}
        onChange={(e) => void onChange({ ...paper, colour: e.target.value })}
        className="border-rule h-8 w-10 cursor-pointer rounded border bg-transparent p-0.5 align-middle"
      />{" "}
      <ChoiceWord
        label={`Pattern of the ${label}`}
        value={paper.print}
        choices={PRINTS}
        onChoose={(print) => void onChange({ ...paper, print: print as Paper["print"] })}
      />{" "}
      paper of{" "}
      <StockWord
        label={`Stock of the ${label}`}
        field={`${field}.stock`}
        stock={paper.stock}
        onCommit={(stock) => onChange({ ...paper, stock })}
      />
    </>
  );
}

/** Of no sheet: a word that shows nothing would be blank. */
const ELSE = "none";

/** A paper of the drawer: its stock, colour and pattern at once. */
function FromDrawer({ label, paper, onChange }: Omit<PaperWordsProps, "field">) {
  const drawer = usePapers().filter((s) => s.content.kind === "PAPER");
  const looks = [...new Map(drawer.map((s) => [lookOf(s.content), s.content])).values()];
  const mine = looks.find((s) =>
    paper.name ? lookOf(s) === lookOf(paper) : lookOf({ ...s, name: null }) === lookOf(paper),
  );
  if (looks.length === 0) return null;
  return (
    <>
      <ChoiceWord
        label={`Paper of the drawer for the ${label}`}
        value={mine ? lookOf(mine) : ELSE}
        shown={mine?.name ?? "not from the drawer"}
        choices={looks.map((s) => ({
          value: lookOf(s),
          label: s.name,
          hint: `${s.stock}, ${PRINTS.find((p) => p.value === s.print)?.label}`,
        }))}
        onChoose={(value) => {
          const chosen = looks.find((s) => lookOf(s) === value);
          if (chosen)
            void onChange({
              stock: chosen.stock,
              colour: chosen.colour,
              print: chosen.print,
              name: chosen.name,
            });
        }}
      />
      ,{" "}
    </>
  );
}

const lookOf = (p: Paper) => `${p.name ?? ""}|${p.stock}|${p.colour.toLowerCase()}|${p.print}`;
