import { useState, type FormEvent, type ReactNode } from "react";
import type { DrawerSheet, DrawerSheetContent } from "../api/types";
import { useMaterials } from "../bench/useTables";
import { Button } from "../parts/Button";
import { Field } from "../parts/Field";
import { Trouble } from "../parts/Trouble";

interface SheetFormProps {
  sheet?: DrawerSheet;
  trouble: string | null;
  onCancel(): void;
  onDone(content: DrawerSheetContent): void;
}

const text = (data: FormData, name: string) => String(data.get(name) ?? "").trim();

/** What the maker says about a sheet; reading it is the server's. */
export function readSheet(data: FormData): DrawerSheetContent {
  const kind = text(data, "kind") as DrawerSheetContent["kind"];
  const film = kind === "FILM";
  return {
    name: text(data, "name"),
    width: text(data, "width"),
    height: text(data, "height"),
    count: Number(text(data, "count") || "0"),
    offcut: data.get("offcut") !== null,
    kind,
    stock: text(data, "stock"),
    colour: film ? "#ffffff" : text(data, "colour"),
    back: film || !data.get("back") ? undefined : backOf(data),
    print: film ? "PLAIN" : (text(data, "print") as DrawerSheetContent["print"]),
    grain: film ? undefined : ((text(data, "grain") || undefined) as DrawerSheetContent["grain"]),
    price: text(data, "price") || undefined,
  };
}

const backOf = (data: FormData): DrawerSheetContent["back"] => ({
  colour: text(data, "backColour") || "#ffffff",
  print: text(data, "back") as DrawerSheetContent["print"],
});

/** A sheet put in or changed. */
export function SheetForm({ sheet, trouble, onCancel, onDone }: SheetFormProps) {
  const said = sheet?.content;
  const materials = useMaterials();
  const [kind, setKind] = useState<DrawerSheetContent["kind"]>(said?.kind ?? "PAPER");
  const [back, setBack] = useState<string>(said?.back?.print ?? "");
  const known = materials.find((m) => m.material === kind);
  function submit(e: FormEvent<HTMLFormElement>) {
    e.preventDefault();
    onDone(readSheet(new FormData(e.currentTarget)));
  }
  return (
    <form
      className="bg-sunken flex flex-wrap items-end gap-2 rounded-md p-3"
      onSubmit={submit}
      aria-label={said ? `Change ${said.name}` : "A sheet"}
    >
      <Choice
        label="What"
        name="kind"
        value={kind}
        onChange={(v) => setKind(v as DrawerSheetContent["kind"])}
        options={Object.fromEntries(
          materials
            .filter((m) => m.form === "SHEET")
            .map((m) => [m.material, m.material === "PAPER" ? "paper or card" : m.word]),
        )}
      />
      <Field label="Name" name="name" defaultValue={said?.name} maxLength={60} className="w-44" />
      <Field label="Width" name="width" defaultValue={said?.width} placeholder="12 in" className="w-24" />
      <Field label="Height" name="height" defaultValue={said?.height} placeholder="12 in" className="w-24" />
      <Field
        label="How many"
        name="count"
        type="number"
        min={0}
        max={9999}
        defaultValue={said?.count ?? 1}
        className="w-24"
      />
      <Field
        key={kind}
        label={kind === "FILM" ? "Thickness" : "Weight or thickness"}
        name="stock"
        defaultValue={said?.kind === kind ? said.stock : (known?.stock ?? "160 gsm")}
        className="w-36"
      />
      {kind !== "FILM" && (
        <>
          <Field
            label="Colour"
            name="colour"
            type="color"
            defaultValue={said?.colour ?? "#e9dcc3"}
            className="w-14 p-0.5"
          />
          <Choice
            label="Pattern"
            name="print"
            value={said?.print ?? "PLAIN"}
            options={{ PLAIN: "plain", SCATTERED: "scattered", UPRIGHT: "with an up" }}
          />
          <Choice
            label="Back"
            name="back"
            value={back}
            onChange={setBack}
            options={{
              "": "as usual",
              PLAIN: "plain, another colour",
              SCATTERED: "scattered",
              UPRIGHT: "with an up",
            }}
          />
          {back && (
            <Field
              label="Colour behind"
              name="backColour"
              type="color"
              defaultValue={said?.back?.colour ?? "#ffffff"}
              className="w-14 p-0.5"
            />
          )}
          <Choice
            label="Grain"
            name="grain"
            value={said?.grain ?? ""}
            options={{ "": "not known", UPRIGHT: "along the height", LEVEL: "along the width" }}
          />
        </>
      )}
      <Field
        label="Price of one"
        name="price"
        defaultValue={said?.price ?? ""}
        placeholder="0.80 EUR"
        maxLength={20}
        className="w-28"
      />
      <label className="flex min-h-9 items-center gap-1.5 text-base">
        <input type="checkbox" name="offcut" defaultChecked={said?.offcut} className="size-5" /> an offcut
      </label>
      {known?.advice && <p className="text-quiet m-0 basis-full text-sm">{known.advice}</p>}
      <span className="flex gap-2">
        <Button type="submit" look="strong">
          {said ? "Keep" : "Put it in"}
        </Button>
        <Button onClick={onCancel}>Leave it</Button>
      </span>
      <Trouble text={trouble} />
    </form>
  );
}

interface ChoiceProps {
  label: string;
  name: string;
  value: string;
  options: Record<string, string>;
  onChange?(value: string): void;
}

function Choice({ label, name, value, options, onChange }: ChoiceProps): ReactNode {
  return (
    <label className="text-quiet flex flex-col text-sm">
      {label}
      <select
        name={name}
        defaultValue={value}
        onChange={(e) => onChange?.(e.target.value)}
        className="border-rule bg-ground text-ink min-h-9 rounded-md border px-2 text-base"
      >
        {Object.entries(options).map(([key, shown]) => (
          <option key={key} value={key}>
            {shown}
          </option>
        ))}
      </select>
    </label>
  );
}
