import type { Basis } from "../api/types";
import { ChoiceWord, type Choice } from "../parts/ChoiceWord";
import { panelsOf } from "../state/panels";
import { useChange, usePlan } from "../state/useBench";
import { LengthWord } from "./words";

const SHARES = [
  "a whole sheet",
  "half a sheet",
  "a third of a sheet",
  "a quarter of a sheet",
  "a fifth",
  "a sixth",
];

const startingPoints: Choice[] = [
  { value: "CLOSED", label: "closing to" },
  { value: "ENVELOPE", label: "as large as its envelope takes" },
  { value: "UTMOST", label: "the very largest its envelope takes" },
  { value: "SHEET", label: "as large as the sheet gives" },
  { value: "PANEL", label: "built around one panel" },
];

/** What the card is sized from, and the measures that go with it. */
export function BasisWords() {
  const plan = usePlan((p) => p);
  const change = useChange();
  const { brief, closed } = plan;
  const { basis } = brief;
  const set = (part: Partial<Basis>) => change((b) => ({ basis: { ...b.basis, ...part } }));
  const width = closed?.size.width ?? plan.pieces[0]?.size.width;
  const height = closed?.size.height ?? plan.pieces[0]?.size.height;
  const orientation = width && height && width.mm > height.mm ? "LANDSCAPE" : "PORTRAIT";

  function start(word: string) {
    const kind = word === "UTMOST" ? "ENVELOPE" : (word as Basis["kind"]);
    const panel = plan.pieces[0]?.panels[0];
    const starts: Record<Basis["kind"], Basis> = {
      CLOSED: { kind, width: width?.text, height: height?.text },
      ENVELOPE: { kind, orientation, utmost: word === "UTMOST" },
      SHEET: { kind, orientation, share: 1 },
      PANEL: { kind, panel: panel?.name, panelWidth: panel?.size.width.text, height: height?.text },
    };
    const envelope =
      kind === "ENVELOPE" && !brief.envelope ? (plan.closest[0]?.envelope ?? "a7us") : brief.envelope;
    void change({ basis: starts[kind], envelope });
  }

  const held = (
    <>
      held{" "}
      <ChoiceWord
        label="Orientation"
        value={basis.orientation ?? orientation}
        choices={[
          { value: "PORTRAIT", label: "upright" },
          { value: "LANDSCAPE", label: "landscape" },
        ]}
        onChoose={(o) => void set({ orientation: o as "PORTRAIT" | "LANDSCAPE" })}
      />
    </>
  );
  const heightWord = (
    <LengthWord
      label="Closed height"
      field="basis.height"
      text={basis.height ?? height?.shown ?? ""}
      mm={height?.mm}
      onCommit={(text) => set({ height: text })}
    />
  );
  return (
    <>
      <ChoiceWord
        label="Starting point"
        value={basis.utmost ? "UTMOST" : basis.kind}
        choices={startingPoints}
        onChoose={start}
      />{" "}
      {basis.kind === "CLOSED" && (
        <>
          <LengthWord
            label="Closed width"
            field="basis.width"
            text={basis.width ?? width?.shown ?? ""}
            mm={width?.mm}
            onCommit={(text) => set({ width: text })}
          />{" "}
          wide by {heightWord} high, held{" "}
          <ChoiceWord
            label="Orientation"
            value={orientation}
            choices={[
              { value: "PORTRAIT", label: "upright" },
              { value: "LANDSCAPE", label: "landscape" },
            ]}
            onChoose={() => void set({ width: height?.text, height: width?.text })}
          />
        </>
      )}
      {basis.kind === "ENVELOPE" && <>({held})</>}
      {basis.kind === "SHEET" && (
        <>
          (
          <ChoiceWord
            label="Share of the sheet"
            value={String(basis.share ?? 1)}
            choices={SHARES.map((label, i) => ({ value: String(i + 1), label }))}
            onChoose={(share) => void set({ share: Number(share) })}
          />
          , {held})
        </>
      )}
      {basis.kind === "PANEL" && (
        <>
          , the{" "}
          <ChoiceWord
            label="Fixed panel"
            value={basis.panel ?? ""}
            choices={panelsOf(plan).map((p) => ({ value: p.name, label: p.name }))}
            onChoose={(panel) => {
              const now = panelsOf(plan).find((p) => p.name === panel);
              void set({ panel, panelWidth: now?.size.width.text });
            }}
          />{" "}
          <LengthWord
            label="Width of the fixed panel"
            field="basis.panelWidth"
            text={basis.panelWidth ?? ""}
            mm={panelsOf(plan).find((p) => p.name === basis.panel)?.size.width.mm}
            onCommit={(text) => set({ panelWidth: text })}
          />{" "}
          wide and the card {heightWord} high
        </>
      )}
    </>
  );
}
