import { useQuery } from "@tanstack/react-query";
import { Camera, Download, Plus, Upload } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import { api, papersTable, Problem } from "../api/client";
import type { DrawerSheet } from "../api/types";
import { useMaterials } from "../bench/useTables";
import { Button } from "../parts/Button";
import { counted } from "../parts/counted";
import { StoreTrouble } from "../parts/StoreTrouble";
import { TopBar } from "../parts/TopBar";
import { Trouble } from "../parts/Trouble";
import { EnvelopeDrawer } from "../post/EnvelopeDrawer";
import { Adhesives } from "./Adhesives";
import { OwnTools } from "./OwnTools";
import { readPhoto } from "./photo";
import { SheetForm } from "./SheetForm";
import { SheetFill } from "./SheetPicture";
import { useAttempt } from "../state/useAttempt";

/** Height of the largest sheet in the drawer, pixels: all are drawn to one scale. */
const TALLEST = 150;

/** Every fault of a refused table has its line. */
async function takeIn(table: File) {
  try {
    await api.addPapers(await table.text());
  } catch (e) {
    if (!(e instanceof Problem) || !e.body.fields) throw e;
    throw new Error(e.body.fields.map((f) => `${f.field}: ${f.text}`).join(" "), { cause: e });
  }
}

/** What lies in the drawer: every sheet as it looks, all to one scale. */
export function PapersView() {
  const papers = useQuery({ queryKey: ["papers"], queryFn: api.papers });
  const [edited, setEdited] = useState<string | null>(null);
  const [gone, setGone] = useState<DrawerSheet | null>(null);
  const { trouble, attempt } = useAttempt("papers");
  const table = useRef<HTMLInputElement>(null);
  useEffect(() => {
    document.title = "Papers · Vantbreeze";
  }, []);

  const sheets = papers.data ?? [];
  const tallest = Math.max(100, ...sheets.map((s) => s.size.height.mm));
  const whole = sheets.filter((s) => !s.content.offcut);
  const offcuts = sheets.filter((s) => s.content.offcut);

  const pile = (list: DrawerSheet[], name: string) => (
    <ul className="m-0 flex list-none flex-wrap gap-3 p-0" aria-label={name}>
      {list.map((sheet) =>
        edited === sheet.id ? (
          <li key={sheet.id} className="basis-full">
            <SheetForm
              sheet={sheet}
              trouble={trouble}
              onCancel={() => setEdited(null)}
              onDone={(content) =>
                void attempt(() => api.changePaper(sheet.id, sheet.version, content)).then(
                  (done) => done && setEdited(null),
                )
              }
            />
          </li>
        ) : (
          <SheetCard
            key={sheet.id}
            sheet={sheet}
            scale={TALLEST / tallest}
            onEdit={() => setEdited(sheet.id)}
            onDrop={() =>
              void attempt(() => api.dropPaper(sheet.id, sheet.version)).then(
                (done) => done && setGone(sheet),
              )
            }
            onPhoto={(file) =>
              void attempt(async () => api.showPaper(sheet.id, sheet.version, await readPhoto(file)))
            }
            onNoPhoto={() => void attempt(() => api.hidePaper(sheet.id, sheet.version))}
          />
        ),
      )}
    </ul>
  );

  return (
    <>
      <TopBar />
      <StoreTrouble />
      <main className="mx-auto flex max-w-6xl flex-col gap-4 px-4 py-5">
        <div className="flex flex-wrap items-center gap-2">
          <h1 className="font-title m-0 grow text-3xl font-normal">In your drawer</h1>
          <Button look="strong" onClick={() => setEdited("new")}>
            <Plus aria-hidden size={16} /> Put a sheet in
          </Button>
          <a
            href={papersTable}
            className="border-rule bg-raised hover:bg-accent-soft inline-flex min-h-9 items-center gap-1.5 rounded-md border px-2.5 text-sm font-semibold"
          >
            <Download aria-hidden size={16} /> As a table (CSV)
          </a>
          <Button onClick={() => table.current?.click()}>
            <Upload aria-hidden size={16} /> From a table
          </Button>
          <input
            ref={table}
            type="file"
            accept=".csv,text/csv"
            aria-label="A table of sheets"
            className="hidden"
            onChange={(e) => {
              const file = e.target.files?.[0];
              e.target.value = "";
              if (file) void attempt(() => takeIn(file));
            }}
          />
        </div>
        {gone && (
          <p role="status" className="bg-sunken m-0 flex items-center gap-3 rounded-md px-3 py-2">
            <span className="grow">“{gone.content.name}” is out of the drawer.</span>
            <Button
              onClick={() =>
                void attempt(() => api.takeBackPaper(gone.id)).then((done) => done && setGone(null))
              }
            >
              Bring it back
            </Button>
          </p>
        )}
        {edited === null && <Trouble text={trouble} />}
        {edited === "new" && (
          <SheetForm
            trouble={trouble}
            onCancel={() => setEdited(null)}
            onDone={(content) =>
              void attempt(() => api.addPaper(content)).then((done) => done && setEdited(null))
            }
          />
        )}
        {papers.error && <Trouble text={papers.error.message} />}
        {papers.data?.length === 0 && edited === null && (
          <p className="m-0 text-lg">
            Nothing lies here yet. Put in what you have: cards are then cut from it, and what is left of a
            sheet comes back.
          </p>
        )}
        {whole.length > 0 && (
          <section aria-label="Sheets">
            <h2 className="font-title text-quiet m-0 mb-2 text-lg font-normal">
              {counted(
                whole.reduce((n, s) => n + s.content.count, 0),
                "sheet",
              )}
              , to one scale
            </h2>
            {pile(whole, "Sheets")}
          </section>
        )}
        {offcuts.length > 0 && (
          <section aria-label="Offcuts">
            <h2 className="font-title text-quiet m-0 mb-2 text-lg font-normal">
              {counted(
                offcuts.reduce((n, s) => n + s.content.count, 0),
                "offcut",
              )}
            </h2>
            {pile(offcuts, "Offcuts")}
          </section>
        )}
        <div className="grid grid-cols-1 gap-6 md:grid-cols-2">
          <section aria-label="Tools">
            <OwnTools />
          </section>
          <section aria-label="Adhesives">
            <Adhesives />
          </section>
          <section aria-label="Envelopes">
            <EnvelopeDrawer units="INCH" />
          </section>
        </div>
      </main>
    </>
  );
}

interface SheetCardProps {
  sheet: DrawerSheet;
  /** Pixels for a millimetre. */
  scale: number;
  onEdit(): void;
  onDrop(): void;
  onPhoto(file: File): void;
  onNoPhoto(): void;
}

const GRAINS = { UPRIGHT: "grain along the height", LEVEL: "grain along the width" };
const PRINTS = { PLAIN: "", SCATTERED: "scattered pattern", UPRIGHT: "pattern with an up" };

function SheetCard({ sheet, scale, onEdit, onDrop, onPhoto, onNoPhoto }: SheetCardProps) {
  const said = sheet.content;
  const materials = useMaterials();
  const { width, height } = sheet.size;
  const photo = useRef<HTMLInputElement>(null);
  const notes = [
    said.stock,
    said.kind !== "PAPER" && materials.find((m) => m.material === said.kind)?.word,
    PRINTS[said.print],
    said.back && (said.back.print === "PLAIN" ? "another colour behind" : "printed on both sides"),
    said.grain && GRAINS[said.grain],
    said.price && `${said.price} each`,
  ].filter(Boolean);
  return (
    <li className="border-rule bg-raised flex w-56 flex-col rounded-lg border p-3">
      <div
        className={`flex items-end justify-center ${said.count === 0 ? "opacity-40" : ""}`}
        style={{ height: TALLEST }}
      >
        <svg
          role="img"
          aria-label={`${said.name}, ${sheet.size.shown}`}
          width={Math.max(8, width.mm * scale)}
          height={Math.max(8, height.mm * scale)}
          viewBox={`0 0 ${width.mm} ${height.mm}`}
          className="max-w-full"
        >
          <SheetFill
            width={width.mm}
            height={height.mm}
            colour={said.colour}
            print={said.print}
            photo={sheet.photo}
          />
        </svg>
      </div>
      <p className="m-0 mt-2 flex items-baseline gap-2">
        <b className="grow truncate text-base" title={said.name}>
          {said.name}
        </b>
        <span className="text-lg font-bold whitespace-nowrap">
          {said.count === 0 ? "used up" : `${said.count} ×`}
        </span>
      </p>
      <p className="m-0 text-lg">{sheet.size.shown}</p>
      <p className="text-quiet m-0 mb-2 grow text-sm">{notes.join(", ")}</p>
      <div className="flex flex-wrap gap-1.5">
        <Button aria-label={`Change ${said.name}`} onClick={onEdit}>
          Change
        </Button>
        <Button aria-label={`Take ${said.name} out`} onClick={onDrop}>
          Take out
        </Button>
        {said.kind !== "FILM" &&
          (sheet.photo ? (
            <Button aria-label={`Show ${said.name} without its photograph`} onClick={onNoPhoto}>
              No photo
            </Button>
          ) : (
            <Button aria-label={`A photograph of ${said.name}`} onClick={() => photo.current?.click()}>
              <Camera aria-hidden size={16} />
            </Button>
          ))}
        <input
          ref={photo}
          type="file"
          accept="image/png,image/jpeg"
          aria-label={`Photograph file of ${said.name}`}
          className="hidden"
          onChange={(e) => {
            const file = e.target.files?.[0];
            e.target.value = "";
            if (file) onPhoto(file);
          }}
        />
      </div>
    </li>
  );
}
