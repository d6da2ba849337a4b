import { useEffect, useState } from "react";
import { Outlet, useOutletContext, useParams } from "react-router";
import { api, Problem } from "../api/client";
import type { ProblemBody } from "../api/types";
import { Button } from "../parts/Button";
import { StoreTrouble } from "../parts/StoreTrouble";
import { startingBrief } from "../projects/starting";
import { FoldShelf } from "../shelf/FoldShelf";
import { createBenchStore } from "../state/benchStore";
import { mended } from "../state/mend";
import { saveAsFile, unsaved, type Unsaved } from "../state/unsaved";
import { BenchContext, useBench, useBenchStore } from "../state/useBench";
import { BenchBar } from "./BenchBar";
import { Conflict } from "./Conflict";
import type { Mark } from "./marks";
import { Revisions } from "./Revisions";
import { useShortcuts } from "./shortcuts";
import { asProblem, Stopped } from "./Stopped";

/** One project, whichever view it is looked at in: its state, its bar, and what lies over all views. */
export function ProjectFrame() {
  const { id = "" } = useParams();
  return <LoadedProject key={id} id={id} />;
}

function LoadedProject({ id }: { id: string }) {
  const [store] = useState(() => createBenchStore());
  const [trouble, setTrouble] = useState<ProblemBody | null>(null);
  const [tries, setTries] = useState(0);
  useEffect(() => {
    api
      .project(id)
      .then((project) => store.open(project))
      .then(() => setTrouble(null))
      .catch((e: unknown) => setTrouble(e instanceof Problem ? e.body : asProblem(e)));
  }, [id, store, tries]);
  useEffect(() => {
    const keep = () => void store.saveNow();
    window.addEventListener("pagehide", keep);
    return () => {
      window.removeEventListener("pagehide", keep);
      keep();
    };
  }, [store]);
  if (trouble) return <Stopped id={id} trouble={trouble} onTryAgain={() => setTries((n) => n + 1)} />;
  return (
    <BenchContext value={store}>
      <Frame />
    </BenchContext>
  );
}

/** What is pointed at, shared by all views of a project. */
export interface Marking {
  marked: Mark | null;
  onMark(mark: Mark | null): void;
}

export const useMarking = () => useOutletContext<Marking>();

function Frame() {
  const plan = useBench((b) => b.plan);
  const name = useBench((b) => b.name);
  const [marked, setMarked] = useState<Mark | null>(null);
  const [revisions, setRevisions] = useState(false);
  const [shelf, setShelf] = useState(false);
  useShortcuts();
  useEffect(() => {
    document.title = name ? `${name} · Vantbreeze` : "Vantbreeze";
  }, [name]);
  if (!plan) return <NoPlan />;
  const marking: Marking = { marked, onMark: setMarked };
  return (
    <>
      <StoreTrouble />
      <BenchBar onRevisions={() => setRevisions(true)} onShelf={() => setShelf(true)} />
      <main className="mx-auto flex max-w-[1500px] flex-col gap-3 px-4 py-3">
        <TakeUp />
        <Refusal />
        <Outlet context={marking} />
      </main>
      <Revisions open={revisions} onOpenChange={setRevisions} />
      <FoldShelf open={shelf} onOpenChange={setShelf} />
      <Conflict />
    </>
  );
}

/** A project whose brief gives no plan (any more): why, and how to go on with it. */
function NoPlan() {
  const refusal = useBench((b) => b.refusal);
  const project = useBench((b) => b.project);
  const store = useBenchStore();
  if (!refusal || !project) return <p className="p-8">Laying out …</p>;
  const usual = startingBrief(project.brief.units);
  return (
    <Stopped
      id={project.id}
      trouble={{ ...refusal, saved: JSON.stringify(project.brief, null, 2) }}
      onTryAgain={() => void store.open(project)}
    >
      {refusal.fields && (
        <Button
          look="strong"
          onClick={() => void store.replace(mended(project.brief, refusal.fields ?? [], usual))}
        >
          Take the usual for what is at fault
        </Button>
      )}
      <Button onClick={() => void store.replace(usual)}>Begin it anew</Button>
    </Stopped>
  );
}

/** What was not saved last time, if this browser still has it. */
function TakeUp() {
  const store = useBenchStore();
  const id = useBench((b) => b.project?.id ?? "");
  const save = useBench((b) => b.save);
  const [left, setLeft] = useState<Unsaved | null>(() => unsaved.of(id));
  if (!left || save === "failed") return null;
  const done = () => {
    unsaved.forget(id);
    setLeft(null);
  };
  return (
    <p role="status" className="bg-sunken m-0 flex flex-wrap items-center gap-3 rounded-md px-3 py-2">
      <span className="grow">Your last changes could not be saved then; this browser kept them.</span>
      <Button onClick={() => void store.change(left.brief).then(done)}>Take them up</Button>
      <Button onClick={() => saveAsFile(left.name, JSON.stringify(left, null, 2))}>Save as a file</Button>
      <Button onClick={done}>Let them go</Button>
    </p>
  );
}

/** A refused change that no word of the sentence shows itself. */
function Refusal() {
  const refusal = useBench((b) => b.refusal);
  const store = useBenchStore();
  if (!refusal) return null;
  return (
    <p role="alert" className="border-stop bg-stop-soft m-0 flex gap-3 rounded-md border-l-4 px-3 py-1.5">
      <span className="grow">
        {refusal.detail} <span className="text-quiet">Everything is as it was before.</span>
      </span>
      <button type="button" className="font-bold underline" onClick={store.forgetRefusal}>
        All right
      </button>
    </p>
  );
}
