import { useQuery } from "@tanstack/react-query";
import { ListChecks, MonitorCheck } from "lucide-react";
import { useEffect, useMemo, useRef, useState, type MouseEvent } from "react";
import { api, exportAddress } from "../api/client";
import type { Brief, MakingState, Sketch, Task, Wording } from "../api/types";
import { Button } from "../parts/Button";
import { Saved } from "../parts/Saved";
import { TickWord } from "../parts/TickWord";
import { useBench, usePlan, useSettledBrief } from "../state/useBench";
import {
  backward,
  cardInHand,
  cautionOf,
  course,
  current,
  doneFor,
  forAll,
  isDone,
  onward,
  tooLate,
  waitsFor,
  wholeCourseDone,
} from "./course";
import { Finish } from "./Finish";
import { MOVES } from "./kinds";
import { FoldDrawing } from "./FoldDrawing";
import { GluedWith } from "./GluedWith";
import { Measured } from "./Measured";
import { Notches } from "./Notches";
import { Overview } from "./Overview";
import { canSpeak, hush, speak } from "./speech";
import { StepDrawing } from "./StepDrawing";
import { Timers } from "./Timers";
import { useMaking } from "./useMaking";
import { useNow, useWake } from "./useWake";

/** Longer than that nobody was at the table. */
const LONGEST_STEP_SECONDS = 600;

/** One step at a time, to be read from an arm's length, with gluey hands. */
export function MakeView() {
  const project = useBench((b) => b.project);
  if (!project) return null;
  return <Table key={project.id} project={project.id} />;
}

function Table({ project }: { project: string }) {
  const brief = useSettledBrief();
  const planned = usePlan((p) => p.tasks);
  const { state, trouble, change, forget } = useMaking(project);
  const all = useBatch(brief, planned, state);
  const sketches = useQuery({
    queryKey: ["sketches", brief],
    queryFn: ({ signal }) => api.sketches(brief, signal),
    staleTime: Infinity,
  });
  const awake = useWake();
  const [overview, setOverview] = useState(false);
  const [aloud, setAloud] = useState(false);
  const [begun] = useState(() => Date.now());
  const lastStep = useRef(begun);
  const now = useNow(1000, (state?.timers.length ?? 0) > 0);
  const tasks = useMemo(() => (state ? course(all, state) : []), [all, state]);

  const goOn = () =>
    change((s) => {
      const at = Date.now();
      const spent = Math.min(LONGEST_STEP_SECONDS, Math.round((at - lastStep.current) / 1000));
      lastStep.current = at;
      return { ...onward(course(all, s), s, at), seconds: s.seconds + spent };
    });
  const goBack = () => change((s) => backward(course(all, s), s));
  useKeys({
    onward: goOn,
    backward: goBack,
    overview: () => setOverview((o) => !o),
    aloud: () => setAloud((a) => canSpeak() && !a),
  });
  useVoice(aloud && state ? tasks[current(tasks, state)] : undefined);

  if (trouble && !state) return <p role="alert">{trouble}</p>;
  if (!state) return <p>Laying out the table …</p>;
  const at = current(tasks, state);
  const task = tasks[at];
  if (!task) return <p>There is nothing to do.</p>;
  const finished = wholeCourseDone(tasks, state);
  const sketch = sketches.data?.find((s) => s.task === task.id);
  const moves = MOVES[task.kind] === "piece";
  return (
    <div className="flex flex-col gap-3">
      <TableSettings
        state={state}
        onChange={change}
        onOverview={() => setOverview((o) => !o)}
        aloud={aloud}
        onAloud={setAloud}
        awake={awake}
      />
      {trouble && (
        <p role="alert" className="border-warn bg-warn-soft m-0 rounded-md border-l-4 px-3 py-1.5">
          {trouble}
        </p>
      )}
      <Notches tasks={tasks} state={state} at={at} onGo={(id) => change((s) => ({ ...s, at: id }))} />
      <Timers
        tasks={all}
        state={state}
        now={now}
        onDrop={(id) => change((s) => ({ ...s, timers: s.timers.filter((t) => t.task !== id) }))}
      />
      {overview ? (
        <Overview
          tasks={tasks}
          state={state}
          at={at}
          onChange={change}
          onGo={(id) => {
            change((s) => ({ ...s, at: id }));
            setOverview(false);
          }}
        />
      ) : (
        <>
          <article
            aria-label={task.title}
            aria-live="polite"
            className="grid gap-5 md:grid-cols-[minmax(0,6fr)_minmax(0,5fr)]"
          >
            <div className="flex flex-col gap-3 md:sticky md:top-2 md:self-start">
              <div
                data-testid="step-picture"
                title="Touch it: done. Touch its left edge: back."
                onClick={(e) => touched(e, goOn, goBack)}
                className={`border-rule bg-raised flex cursor-pointer flex-col justify-center rounded-lg border p-3 ${moves ? "" : "min-h-72"}`}
              >
                {sketch ? (
                  <Saved name={task.title}>
                    <StepDrawing
                      sketch={sketch}
                      name={`${task.title}: ${task.text}`}
                      {...(moves && { highest: "max-h-[36vh]" })}
                    />
                  </Saved>
                ) : (
                  <Waiting task={task} />
                )}
              </div>
              <Moving task={task} />
            </div>
            <Words
              task={task}
              sketch={sketch}
              tasks={tasks}
              at={at}
              state={state}
              now={now}
              onChange={change}
            />
          </article>
          <nav aria-label="Steps" className="no-print bg-ground sticky bottom-0 flex gap-3 py-2">
            <Button className="min-h-16 px-6 text-xl!" disabled={at === 0} onClick={goBack}>
              ← Back
            </Button>
            {!state.byCard && doneFor(state, task.id) + 1 < state.cards && (
              <Button
                className="min-h-16 px-6 text-xl!"
                onClick={() => change((s) => forAll(course(all, s), s, Date.now()))}
              >
                Done for all {state.cards}
              </Button>
            )}
            <Button
              look="strong"
              className="min-h-16 grow justify-center text-2xl!"
              onClick={goOn}
              disabled={finished && at === tasks.length - 1}
            >
              {goesOn(task, tasks, state)}
            </Button>
          </nav>
        </>
      )}
      {finished && !state.mockUp && <Finish project={project} state={state} onDone={forget} />}
      <p className="text-quiet no-print m-0 text-sm">
        Space, → or Page Down goes on, ← or Page Up goes back, O shows all steps
        {canSpeak() && ", R reads aloud"}. To print:{" "}
        <a className="underline" href={exportAddress(project, "booklet", "a4")}>
          booklet, A4
        </a>{" "}
        ·{" "}
        <a className="underline" href={exportAddress(project, "booklet", "letter")}>
          booklet, Letter
        </a>{" "}
        ·{" "}
        <a className="underline" href={exportAddress(project, "memory", "a4")}>
          card for the box, A6
        </a>{" "}
        ·{" "}
        <a className="underline" href={exportAddress(project, "memory", "letter")}>
          card for the box, 4 × 6 in
        </a>
      </p>
    </div>
  );
}

/** Of several cards made at once every number says all of them. */
function useBatch(brief: Brief, planned: Task[], state: MakingState | null): Task[] {
  const cards = state && !state.byCard && !state.mockUp ? state.cards : 1;
  const batch = useQuery({
    queryKey: ["tasks", brief, cards],
    queryFn: ({ signal }) => api.tasks(brief, cards, signal),
    enabled: cards > 1,
    staleTime: Infinity,
  });
  return cards > 1 && batch.data ? batch.data : planned;
}

/** With a knuckle: the left quarter goes back, all the rest goes on; what has a button of its own is left to it. */
function touched(e: MouseEvent<HTMLElement>, onward: () => void, backward: () => void) {
  if (e.target instanceof Element && e.target.closest("button, a")) return;
  const box = e.currentTarget.getBoundingClientRect();
  if (e.clientX - box.left < box.width / 4) backward();
  else onward();
}

/** Says a step as it comes up, while there is one to be said. */
function useVoice(task: Task | undefined) {
  const latest = useRef(task);
  useEffect(() => {
    latest.current = task;
  });
  const id = task?.id;
  useEffect(() => {
    if (!id || !latest.current || !canSpeak()) return;
    speak(latest.current);
    return hush;
  }, [id]);
}

/** What the large button does. */
function goesOn(task: Task, tasks: Task[], state: MakingState): string {
  if (wholeCourseDone(tasks, state)) return "All done";
  if (isDone(state, task.id)) return "Next →";
  if (task.minutes !== null) return "It is drying: go on →";
  if (state.cards === 1) return "Done, next →";
  if (state.byCard) return `Done for card ${cardInHand(tasks, state)} →`;
  const done = doneFor(state, task.id) + 1;
  return done === state.cards ? `Done for all ${state.cards} →` : `One more done (${done} of ${state.cards})`;
}

/** Where no paper is worked on: what is waited for, or the card as it closes. */
function Waiting({ task }: { task: Task }) {
  const brief = useSettledBrief();
  if (MOVES[task.kind] === "card") return <FoldDrawing key={task.id} brief={brief} />;
  if (!task.minutes) return null;
  return (
    <p className="font-title m-0 text-center text-6xl">
      {task.minutes >= 120 ? `${Math.round(task.minutes / 60)} h` : `${task.minutes} min`}
    </p>
  );
}

/** What is folded is shown on its way. */
function Moving({ task }: { task: Task }) {
  const brief = useSettledBrief();
  if (MOVES[task.kind] === "piece")
    return <FoldDrawing key={task.id} brief={brief} piece={(task.parts[0] ?? "").replace(/^piece\//, "")} />;
  return null;
}

/** From so many on, what is gone through stands line by line. */
const LISTED = 3;

function Said({ wording, each: drawings }: { wording: Wording; each: Sketch["each"] }) {
  const { lead, each, between, tail, otherwise } = wording;
  const listed = each.length >= LISTED || drawings.length > 0;
  return (
    <>
      <p className="m-0 text-3xl leading-snug">
        {lead}
        {!listed && each.length > 0 && ` ${each.join(between)}`}
        {!listed && tail}
      </p>
      {listed && (
        <>
          <ol className="m-0 flex list-disc flex-col gap-1 pl-8 text-2xl leading-snug">
            {each.map((one, i) => {
              const drawing = drawings[i];
              return (
                <li key={i}>
                  {one}
                  {drawing && (
                    <span className="mt-1 block h-32">
                      <StepDrawing sketch={drawing} name={one} large={1.7} highest="" />
                    </span>
                  )}
                </li>
              );
            })}
          </ol>
          <p className="m-0 text-3xl leading-snug">
            {tail.replace(/^[.,]\s*/, "").replace(/^./, (c) => c.toUpperCase())}
          </p>
        </>
      )}
      {otherwise && (
        <details className="text-xl">
          <summary className="text-accent cursor-pointer font-semibold">Another way</summary>
          <div className="mt-2 flex flex-col gap-2">
            <Said wording={otherwise} each={[]} />
          </div>
        </details>
      )}
    </>
  );
}

interface WordsProps {
  task: Task;
  sketch: Sketch | undefined;
  tasks: Task[];
  at: number;
  state: MakingState;
  now: number;
  onChange(how: (state: MakingState) => MakingState): void;
}

function Words({ task, sketch, tasks, at, state, now, onChange }: WordsProps) {
  const caution = cautionOf(tasks, at);
  const late = tooLate(tasks, task, state);
  const waits = waitsFor(task, state, now);
  return (
    <div className="flex flex-col gap-3">
      <p className="text-quiet m-0 text-lg">
        Step {at + 1} of {tasks.length}
        {state.cards > 1 &&
          (state.byCard
            ? ` · card ${cardInHand(tasks, state)} of ${state.cards}`
            : ` · done for ${doneFor(state, task.id)} of ${state.cards}`)}
        {state.cards === 1 && isDone(state, task.id) && " · done"}
      </p>
      <h2 className="font-title m-0 text-4xl leading-tight">{task.title}</h2>
      <Said key={`said ${task.id}`} wording={task.wording} each={sketch?.each ?? []} />
      {late && (
        <p role="alert" className="border-stop bg-stop-soft m-0 rounded-md border-l-4 px-3 py-2 text-xl">
          Too late on this card: “{late.title}” is done already.
        </p>
      )}
      {waits.length > 0 && (
        <p role="status" className="border-warn bg-warn-soft m-0 rounded-md border-l-4 px-3 py-2 text-xl">
          Not yet: what comes before it is still drying. What does not touch it can be done meanwhile.
        </p>
      )}
      {task.measures.length > 0 && !state.mockUp && (
        <Measured key={task.id} task={task} state={state} onChange={onChange} />
      )}
      <GluedWith glue={task.glue} />
      {task.tools.length > 0 && <p className="text-quiet m-0 text-lg">In hand: {task.tools.join(", ")}.</p>}
      {caution && <p className="text-warn m-0 text-lg">{caution}</p>}
    </div>
  );
}

interface TableSettingsProps {
  state: MakingState;
  awake: boolean;
  aloud: boolean;
  onAloud(aloud: boolean): void;
  onChange(how: (state: MakingState) => MakingState): void;
  onOverview(): void;
}

const MOST_CARDS = 200;

function TableSettings({ state, awake, aloud, onAloud, onChange, onOverview }: TableSettingsProps) {
  return (
    <div className="no-print flex flex-wrap items-center gap-x-5 gap-y-2 text-lg">
      <label className="flex items-center gap-2">
        Making
        <input
          aria-label="How many cards"
          type="number"
          min={1}
          max={MOST_CARDS}
          value={state.cards}
          onChange={(e) => {
            const cards = Math.min(MOST_CARDS, Math.max(1, Math.round(Number(e.target.value) || 1)));
            onChange((s) => ({ ...s, cards }));
          }}
          className="border-rule bg-raised min-h-10 w-20 rounded-md border px-2"
        />
        {state.cards === 1 ? "card" : "cards"}
      </label>
      {state.cards > 1 && (
        <TickWord
          label="one card after the other"
          title="Otherwise each step is done for all cards before the next"
          checked={state.byCard}
          onChange={(byCard) => onChange((s) => ({ ...s, byCard }))}
        />
      )}
      <TickWord
        label="a mock-up from scrap"
        title="Only what makes the card move, to try it before good paper is cut"
        checked={state.mockUp}
        onChange={(mockUp) => onChange((s) => ({ ...s, mockUp, at: null }))}
      />
      {canSpeak() && (
        <TickWord
          label="read aloud"
          title="Each step is read aloud as it comes up (R)"
          checked={aloud}
          onChange={onAloud}
        />
      )}
      <span className="grow" />
      {awake && (
        <span className="text-quiet flex items-center gap-1 text-sm">
          <MonitorCheck aria-hidden size={16} /> the screen stays on
        </span>
      )}
      <Button className="min-h-10 text-base" onClick={onOverview} title="All steps (O)">
        <ListChecks aria-hidden size={18} /> All steps
      </Button>
    </div>
  );
}

/** Keys, unless something is typed; a focused button keeps its own. */
function useKeys(keys: { onward(): void; backward(): void; overview(): void; aloud(): void }) {
  const latest = useRef(keys);
  useEffect(() => {
    latest.current = keys;
  });
  useEffect(() => {
    function press(e: KeyboardEvent) {
      const target = e.target instanceof HTMLElement ? e.target : null;
      if (target?.closest("input, textarea, select, [role=dialog], [role=listbox], [role=menu]")) return;
      if (e.ctrlKey || e.metaKey || e.altKey) return;
      const onButton = target?.closest("button, summary") != null;
      if (e.key === " " && onButton) return;
      const act = {
        " ": latest.current.onward,
        ArrowRight: latest.current.onward,
        ArrowLeft: latest.current.backward,
        /* What a foot pedal sends. */
        PageDown: latest.current.onward,
        PageUp: latest.current.backward,
        r: latest.current.aloud,
        R: latest.current.aloud,
        o: latest.current.overview,
        O: latest.current.overview,
      }[e.key];
      if (!act) return;
      e.preventDefault();
      act();
    }
    window.addEventListener("keydown", press);
    return () => window.removeEventListener("keydown", press);
  }, []);
}
