import { useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useState } from "react";
import { useNavigate } from "react-router";
import { api, Problem } from "../api/client";
import { Button } from "../parts/Button";
import { DroppedBackup } from "./DroppedBackup";
import { kindOf } from "./kind";
import { takePattern, type Pattern, type PatternUnit } from "./pattern";

const UNITS: { unit: PatternUnit; words: string }[] = [
  { unit: "MM", words: "millimetres" },
  { unit: "CM", words: "centimetres" },
  { unit: "IN", words: "inches" },
];

const wordsOf = (fault: unknown) =>
  fault instanceof Problem && fault.body.fields
    ? fault.body.fields.map((f) => `${f.field}: ${f.text}`).join(" ")
    : fault instanceof Error
      ? fault.message
      : String(fault);

/** A file dropped anywhere is understood, or refused with the reason. */
export function DropAnywhere() {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [over, setOver] = useState(false);
  const [said, setSaid] = useState<{ text: string; refused: boolean } | null>(null);
  const [zip, setZip] = useState<File | null>(null);
  const [unitless, setUnitless] = useState<Pattern | null>(null);

  const laid = useCallback(
    async (pattern: Pattern, unit: PatternUnit | null) => {
      const { project, leftOut } = await takePattern(pattern, unit);
      await queries.invalidateQueries({ queryKey: ["projects"] });
      setSaid({
        text: [
          `“${project.name}” lies on your table as a ${project.brief.fold === "free-strip" ? "free strip" : "free pattern"}.`,
          ...leftOut,
        ].join(" "),
        refused: false,
      });
      return navigate(`/bench/${project.id}`);
    },
    [navigate, queries],
  );

  useEffect(() => {
    async function take(file: File) {
      const kind = kindOf(file.name, file.size, file.size < 4_000_000 ? await file.text() : "");
      switch (kind.kind) {
        case "project": {
          const project = await api.takeProject(kind.document);
          await queries.invalidateQueries({ queryKey: ["projects"] });
          setSaid({ text: `“${project.name}” lies on your table.`, refused: false });
          return navigate(`/bench/${project.id}`);
        }
        case "pattern": {
          const pattern = { name: file.name.replace(/\.fold$/i, ""), file: kind.file };
          try {
            return await laid(pattern, null);
          } catch (e) {
            if (e instanceof Problem && e.body.fields?.some((f) => f.field === "unit"))
              return setUnitless(pattern);
            throw e;
          }
        }
        case "papers": {
          const added = await api.addPapers(kind.text);
          await queries.invalidateQueries({ queryKey: ["papers"] });
          setSaid({ text: `${added.length} sheets are in the drawer.`, refused: false });
          return navigate("/papers");
        }
        case "drawing":
          setSaid(null);
          return navigate("/cutter", { state: { svg: kind.text, name: file.name } });
        case "backup":
          return setZip(file);
        case "refused":
          return setSaid({ text: kind.why, refused: true });
      }
    }
    const files = (e: DragEvent) => e.dataTransfer?.types.includes("Files") === true;
    function enter(e: DragEvent) {
      if (!files(e)) return;
      e.preventDefault();
      setOver(true);
    }
    function leave(e: DragEvent) {
      if (e.relatedTarget === null) setOver(false);
    }
    function drop(e: DragEvent) {
      if (!files(e)) return;
      e.preventDefault();
      setOver(false);
      const list = [...(e.dataTransfer?.files ?? [])];
      const only = list[0];
      if (list.length !== 1 || !only) return setSaid({ text: "Drop one file at a time.", refused: true });
      take(only).catch((fault: unknown) =>
        setSaid({ text: `${only.name}: ${wordsOf(fault)}`, refused: true }),
      );
    }
    window.addEventListener("dragenter", enter);
    window.addEventListener("dragover", enter);
    window.addEventListener("dragleave", leave);
    window.addEventListener("drop", drop);
    return () => {
      window.removeEventListener("dragenter", enter);
      window.removeEventListener("dragover", enter);
      window.removeEventListener("dragleave", leave);
      window.removeEventListener("drop", drop);
    };
  }, [laid, navigate, queries]);

  return (
    <>
      {over && (
        <div className="border-accent pointer-events-none fixed inset-2 z-50 flex items-end justify-center rounded-xl border-4 border-dashed pb-10">
          <p className="bg-raised border-rule m-0 rounded-md border px-4 py-2 text-lg shadow">
            A card, a flat pattern, a cut file, a table of papers or a backup: let it go.
          </p>
        </div>
      )}
      {zip && <DroppedBackup zip={zip} onLeft={() => setZip(null)} />}
      {unitless && (
        <div
          role="alertdialog"
          aria-label="The pattern's unit"
          className="bg-raised border-accent fixed bottom-4 left-1/2 z-50 flex max-w-[92vw] -translate-x-1/2 flex-wrap items-center gap-3 rounded-md border-2 px-4 py-3 shadow-lg"
        >
          <span>“{unitless.name}” does not say what its numbers are:</span>
          {UNITS.map(({ unit, words }) => (
            <Button
              key={unit}
              onClick={() => {
                setUnitless(null);
                laid(unitless, unit).catch((fault: unknown) =>
                  setSaid({ text: `${unitless.name}: ${wordsOf(fault)}`, refused: true }),
                );
              }}
            >
              {words}
            </Button>
          ))}
          <Button onClick={() => setUnitless(null)}>Leave it</Button>
        </div>
      )}
      {said && (
        <div
          role={said.refused ? "alert" : "status"}
          className={`fixed bottom-4 left-1/2 z-50 flex max-w-[92vw] -translate-x-1/2 items-center gap-3 rounded-md border px-4 py-2 shadow-lg ${said.refused ? "border-stop bg-stop-soft" : "border-rule bg-raised"}`}
        >
          <span>{said.text}</span>
          <Button onClick={() => setSaid(null)}>All right</Button>
        </div>
      )}
    </>
  );
}
