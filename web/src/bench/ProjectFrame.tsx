import { useEffect, useState } from "react";
import { Link, Outlet, useOutletContext, useParams } from "react-router";
import { api, Problem } from "../api/client";
import { FoldShelf } from "../shelf/FoldShelf";
import { createBenchStore } from "../state/benchStore";
import { BenchContext, useBench, useBenchStore } from "../state/useBench";
import { BenchBar } from "./BenchBar";
import { Conflict } from "./Conflict";
import type { Mark } from "./marks";
import { Revisions } from "./Revisions";
import { useShortcuts } from "./shortcuts";

/** One project, whichever view it is looked at in: its state, its bar, and what lies over all views. */
export function ProjectFrame() {
  const { id = "" } = useParams();
  return <LoadedProject key={id} id={id} />;
}

function LoadedProject({ id }: { id: string }) {
  const [store] = useState(() => createBenchStore());
  const [trouble, setTrouble] = useState<string | null>(null);
  useEffect(() => {
    api
      .project(id)
      .then((project) => store.open(project))
      .catch((e: unknown) => setTrouble(e instanceof Problem ? e.message : String(e)));
    const keep = () => void store.saveNow();
    window.addEventListener("pagehide", keep);
    return () => {
      window.removeEventListener("pagehide", keep);
      keep();
    };
  }, [id, store]);
  if (trouble) {
    return (
      <main className="p-8">
        <p role="alert">{trouble}</p>
        <Link to="/projects">All projects</Link>
      </main>
    );
  }
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
  if (!plan) return <p className="p-8">Laying out …</p>;
  const marking: Marking = { marked, onMark: setMarked };
  return (
    <>
      <BenchBar onRevisions={() => setRevisions(true)} onShelf={() => setShelf(true)} />
      <main className="mx-auto flex max-w-[1500px] flex-col gap-3 px-4 py-3">
        <Refusal />
        <Outlet context={marking} />
      </main>
      <Revisions open={revisions} onOpenChange={setRevisions} />
      <FoldShelf open={shelf} onOpenChange={setShelf} />
      <Conflict />
    </>
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
