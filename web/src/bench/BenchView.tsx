import { useEffect, useState, type ReactNode } from "react";
import { Link, useParams } from "react-router";
import { FoldView } from "../fold/FoldView";
import { api, Problem } from "../api/client";
import { createBenchStore } from "../state/benchStore";
import { BenchContext, useBench, useBenchStore } from "../state/useBench";
import { FoldShelf } from "../shelf/FoldShelf";
import { BenchBar } from "./BenchBar";
import { BriefSentence } from "./BriefSentence";
import { BulkMap } from "./BulkMap";
import { ClosedCard } from "./ClosedCard";
import { Conflict } from "./Conflict";
import { FlatSheet } from "./FlatSheet";
import type { Mark } from "./marks";
import { Faces, Pieces } from "./Pieces";
import { Post } from "./Post";
import { Revisions } from "./Revisions";
import { ScoreCard } from "./ScoreCard";
import { useShortcuts } from "./shortcuts";
import { Snags } from "./Snags";
import { Steps } from "./Steps";
import { Verdict } from "./Verdict";

/** The bench with one project on it. */
export function BenchView() {
  const { id = "" } = useParams();
  return <LoadedBench key={id} id={id} />;
}

function LoadedBench({ id }: { id: string }) {
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
      <Bench />
    </BenchContext>
  );
}

function Bench() {
  const { plan, name } = useBench();
  const [marked, setMarked] = useState<Mark | null>(null);
  const [revisions, setRevisions] = useState(false);
  const [shelf, setShelf] = useState(false);
  useShortcuts();
  useEffect(() => {
    document.title = name ? `${name} · Vantbreeze` : "Vantbreeze";
  }, [name]);
  if (!plan) return <p className="p-8">Laying out …</p>;
  return (
    <>
      <BenchBar onRevisions={() => setRevisions(true)} onShelf={() => setShelf(true)} />
      <main className="mx-auto flex max-w-[1500px] flex-col gap-3 px-4 py-3">
        <BriefSentence />
        <Refusal />
        <Verdict />
        <div className="grid grid-cols-1 gap-4 md:grid-cols-[minmax(0,1fr)_20rem]">
          <div className="flex min-w-0 flex-col gap-3">
            <Block title="Flat sheet, face side up">
              {plan.pieces.map((piece) => (
                <FlatSheet key={piece.name} piece={piece} marked={marked} onMark={setMarked} />
              ))}
            </Block>
            <Block title="Folding">
              <FoldView marked={marked} onMark={setMarked} />
            </Block>
            <div className="grid grid-cols-1 gap-3 lg:grid-cols-2">
              <Block title="Score card">
                {plan.pieces.map((piece) => (
                  <ScoreCard key={piece.name} piece={piece} />
                ))}
              </Block>
              <Block title="Pieces">
                <Pieces />
              </Block>
            </div>
            <Block title="Order of work">
              <Steps />
            </Block>
          </div>
          <div className="flex flex-col gap-3">
            <Block title="Snags">
              <Snags onMark={setMarked} />
            </Block>
            <Block title="Closed, in its envelope">
              <ClosedCard marked={marked} />
            </Block>
            <Block title="How thick where">
              <BulkMap />
            </Block>
            <Block title="In the post">
              <Post />
            </Block>
            <Block title="Mats by face">
              <Faces />
            </Block>
          </div>
        </div>
      </main>
      <Revisions open={revisions} onOpenChange={setRevisions} />
      <FoldShelf open={shelf} onOpenChange={setShelf} />
      <Conflict />
    </>
  );
}

function Block({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="border-rule bg-raised rounded-lg border px-3 py-2">
      <h2 className="font-title text-quiet m-0 mb-1 text-base font-normal">{title}</h2>
      {children}
    </section>
  );
}

/** A refused change that no word of the sentence shows itself. */
function Refusal() {
  const { refusal } = useBench();
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
