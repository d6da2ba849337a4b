import type { Brief, TableEntry } from "../api/types";
import { ChoiceWord, type Choice } from "../parts/ChoiceWord";
import { TextWord } from "../parts/TextWord";
import { pretty } from "../state/lengths";
import { useChange, usePlan } from "../state/useBench";
import { useBasePhoto } from "./useBasePhoto";
import { useEnvelopes, useSheets } from "./useTables";
import { StockWord } from "./words";

const OWN = "own";
const NONE = "none";

const asChoices = (table: TableEntry[]): Choice[] =>
  table.map((t) => ({ value: t.id, label: t.name, hint: t.size.shown }));

/** The envelope: one of the table, one measured by the maker, or none. */
export function EnvelopeWord() {
  const brief = usePlan((p) => p.brief);
  const fit = usePlan((p) => p.fit);
  const closed = usePlan((p) => p.closed);
  const change = useChange();
  const envelopes = useEnvelopes();
  const known = !brief.envelope || envelopes.some((e) => e.id === brief.envelope);
  const own = closed ? `${closed.size.width.text} x ${closed.size.height.text}` : "5 x 7 in";
  /* A card that has a size keeps it when its envelope is taken away. */
  const keepsSize: Partial<Brief> =
    closed && brief.basis.kind === "ENVELOPE"
      ? { basis: { kind: "CLOSED", width: closed.size.width.text, height: closed.size.height.text } }
      : {};
  function choose(value: string) {
    void change(
      value === NONE ? { envelope: null, ...keepsSize } : { envelope: value === OWN ? own : value },
    );
  }
  return (
    <>
      for{" "}
      <ChoiceWord
        label="Envelope"
        value={!brief.envelope ? NONE : known ? brief.envelope : OWN}
        shown={
          !brief.envelope
            ? "no envelope"
            : known
              ? `envelope ${fit?.name ?? nameOf(envelopes, brief.envelope)}`
              : "an envelope of"
        }
        choices={[
          { value: NONE, label: "no envelope" },
          ...asChoices(envelopes),
          { value: OWN, label: "another size …" },
        ]}
        onChoose={choose}
      />
      {!known && (
        <>
          {" "}
          <TextWord
            label="Size of the envelope"
            field="envelope"
            shown={pretty(brief.envelope ?? "")}
            onCommit={(envelope) => change({ envelope })}
          />
        </>
      )}
    </>
  );
}

const nameOf = (table: TableEntry[], id: string) => table.find((t) => t.id === id)?.name ?? id;

/** The sheet in hand and its weight. */
export function SheetWord() {
  const brief = usePlan((p) => p.brief);
  const sheet = usePlan((p) => p.sheet);
  const change = useChange();
  const sheets = useSheets();
  const known = sheets.some((p) => p.id === brief.sheet);
  const own = `${sheet.size.width.text} x ${sheet.size.height.text}`;
  return (
    <>
      <ChoiceWord
        label="Sheet"
        value={known ? brief.sheet : OWN}
        shown={known ? nameOf(sheets, brief.sheet) : "a sheet of"}
        choices={[...asChoices(sheets), { value: OWN, label: "another size …" }]}
        onChoose={(value) => void change({ sheet: value === OWN ? own : value })}
      />{" "}
      {!known && (
        <>
          <TextWord
            label="Size of the sheet"
            field="sheet"
            shown={pretty(brief.sheet)}
            onCommit={(text) => change({ sheet: text })}
          />{" "}
        </>
      )}
      card of{" "}
      <StockWord
        label="Base stock"
        field="base.stock"
        stock={brief.base.stock}
        onCommit={(stock) => change((b) => ({ base: { ...b.base, stock } }))}
      />
      <PlaceOnPhoto />
    </>
  );
}

/** Where the base is cut from its photographed sheet. */
function PlaceOnPhoto() {
  const photo = useBasePhoto();
  const at = usePlan((p) => p.brief.baseAt);
  const units = usePlan((p) => p.brief.units);
  const change = useChange();
  if (!photo) return null;
  const zero = units === "INCH" ? "0 in" : "0 mm";
  const place = { x: at?.x ?? zero, y: at?.y ?? zero };
  return (
    <>
      , cut from its picture{" "}
      <TextWord
        label="From the picture's left edge"
        field="baseAt.x"
        shown={pretty(place.x)}
        onCommit={(x) => change({ baseAt: { ...place, x } })}
      />{" "}
      from the left and{" "}
      <TextWord
        label="From the picture's lower edge"
        field="baseAt.y"
        shown={pretty(place.y)}
        onCommit={(y) => change({ baseAt: { ...place, y } })}
      />{" "}
      up
    </>
  );
}
