import type { Paper } from "../api/types";
import { useMaterials } from "../bench/useTables";
import { StockWord } from "../bench/words";
import { ChoiceWord } from "../parts/ChoiceWord";
import { TextWord } from "../parts/TextWord";
import { useChange, usePlan } from "../state/useBench";
import { paletteOf, rolesOf, withPaper, type Used } from "./palette";

const PRINTS = [
  { value: "PLAIN", label: "plain", hint: "no pattern; can be written on" },
  { value: "SCATTERED", label: "scattered", hint: "a pattern without direction" },
  { value: "UPRIGHT", label: "upright", hint: "a pattern that has an up" },
];

const AS_USUAL = "USUAL";

const BACKS = [
  {
    value: AS_USUAL,
    label: "back as usual",
    hint: "white behind a pattern, glitter, foil or mirror; otherwise as in front",
  },
  { value: "PLAIN", label: "back in another colour", hint: "plain; can be written on" },
  { value: "SCATTERED", label: "back scattered", hint: "printed on both sides, without direction" },
  { value: "UPRIGHT", label: "back upright", hint: "printed on both sides, with an up" },
];

/** The papers of the card, each with what is cut from it: changed here, it changes wherever it lies. */
export function Palette() {
  const plan = usePlan((p) => p);
  return (
    <ul className="m-0 list-none p-0" aria-label="Papers of this card">
      {paletteOf(plan)
        .filter((used) => used.places.length > 0)
        .map((used) => (
          <li key={used.places.map((p) => p.role).join()} className="leading-9">
            <PaperRow used={used} />
          </li>
        ))}
    </ul>
  );
}

function PaperRow({ used }: { used: Used }) {
  const change = useChange();
  const materials = useMaterials();
  const { paper, called, behind, places } = used;
  const set = (part: Partial<Paper>) => change((b) => withPaper(b, places, { ...paper, ...part }));
  const material = paper.material ?? "PAPER";
  const known = materials.find((m) => m.material === material);
  const folds = places.some((p) => p.folds);
  const loose = places.every((p) => p.loose);
  return (
    <>
      <input
        type="color"
        aria-label={`Colour of ${called}`}
        value={paper.colour}
        onChange={(e) => void set({ colour: e.target.value })}
        className="border-rule h-8 w-10 cursor-pointer rounded border bg-transparent p-0.5 align-middle"
      />{" "}
      <TextWord
        label={`Name of ${called}`}
        field="papers"
        shown={called}
        help="What you call this paper. Steps, cut list and shopping list say it."
        onCommit={(name) => set({ name: name.trim() || null })}
      />
      :{" "}
      <ChoiceWord
        label={`Pattern of ${called}`}
        value={paper.print}
        choices={PRINTS}
        onChoose={(print) => void set({ print: print as Paper["print"] })}
      />{" "}
      {known?.form !== "READY" && known?.form !== "LENGTH" && (
        <ChoiceWord
          label={`Back of ${called}`}
          value={paper.back?.print ?? AS_USUAL}
          choices={BACKS}
          onChoose={(chosen) =>
            void set({
              back:
                chosen === AS_USUAL
                  ? null
                  : { colour: paper.back?.colour ?? behind.colour, print: chosen as Paper["print"] },
            })
          }
        />
      )}{" "}
      {paper.back && (
        <input
          type="color"
          aria-label={`Colour behind ${called}`}
          value={paper.back.colour}
          onChange={(e) =>
            void set({ back: { colour: e.target.value, print: paper.back?.print ?? "PLAIN" } })
          }
          className="border-rule h-8 w-10 cursor-pointer rounded border bg-transparent p-0.5 align-middle"
        />
      )}{" "}
      <ChoiceWord
        label={`Material of ${called}`}
        value={material}
        choices={materials
          .filter((m) => (m.folds || !folds) && (m.form === "SHEET" || loose))
          .map((m) => ({
            value: m.material,
            label: m.material === "PAPER" ? "paper or card" : m.word,
            hint: m.advice,
          }))}
        onChoose={(chosen) => {
          const other = materials.find((m) => m.material === chosen);
          if (other) void set({ material: other.material, stock: other.stock });
        }}
      />{" "}
      of{" "}
      <StockWord
        label={`Stock of ${called}`}
        field="papers"
        stock={paper.stock}
        onCommit={(stock) => set({ stock })}
      />{" "}
      <span className="text-quiet">for {rolesOf(places)}.</span>
      {known?.advice && <span className="text-quiet block pb-1 text-sm leading-snug">{known.advice}</span>}
    </>
  );
}
