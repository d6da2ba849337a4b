import { replaceEqualDeep } from "@tanstack/react-query";
import { api, Problem } from "../api/client";
import type { Brief, Plan, ProblemBody, Project } from "../api/types";
import { alike } from "./alike";
import { unsaved } from "./unsaved";

/** A whole brief, or what to make of the one that is shown by then. */
export type Edit = Brief | ((now: Brief) => Brief);

/** A brief to plan, or one in which a score is to lie elsewhere. */
type Asked = { brief: Brief } | { from: Brief; score: string; toMm: number };

export type SaveState = "saved" | "saving" | "failed" | "conflict";

/** Everything the bench shows. The brief is always `plan.brief`: a refused one never replaces it. */
export interface Bench {
  plan: Plan | null;
  /** The brief of the last change: `plan.brief` but for what is only shown while something is dragged. */
  settled: Brief | null;
  name: string;
  project: Project | null;
  past: Brief[];
  future: Brief[];
  /** Why the last change was refused; the plan is still the one before. */
  refusal: ProblemBody | null;
  save: SaveState;
  /** Why it could not be saved; tried again by itself. */
  saveTrouble: string | null;
  /** With a conflict: the project as another tab left it. */
  theirs: Project | null;
}

/** What the store needs of the server; tests give their own. */
export interface BenchServer {
  plan(brief: Brief): Promise<Plan>;
  move(brief: Brief, score: string, toMm: number): Promise<Plan>;
  save(id: string, version: number, name: string, brief: Brief): Promise<Project>;
}

const MOST_UNDO = 200;
const SAVE_DELAY_MS = 350;
const TRY_AGAIN_MS = 8000;

/** The bench's state, without React: changes are planned by the server, kept for undo, and saved by themselves. */
export function createBenchStore(server: BenchServer = api, saveDelayMs = SAVE_DELAY_MS) {
  let bench: Bench = {
    plan: null,
    settled: null,
    name: "",
    project: null,
    past: [],
    future: [],
    refusal: null,
    save: "saved",
    saveTrouble: null,
    theirs: null,
  };
  const listeners = new Set<() => void>();
  let newest = 0;
  const live: { running: boolean; next: ((start: Brief) => Asked) | null } = { running: false, next: null };
  let saveTimer: ReturnType<typeof setTimeout> | undefined;
  let saving: Promise<void> = Promise.resolve();
  /** What was shown when the drag began that is going on. */
  let dragStart: Plan | null = null;
  let turn: Promise<unknown> = Promise.resolve();
  /** How many changes wait for their plan: what was saved is no longer what the maker wants. */
  let planned = 0;
  /** Whether what is shown has changed since it was saved. */
  let isUnsaved = false;

  const set = (change: Partial<Bench>) => {
    bench = { ...bench, ...change };
    listeners.forEach((l) => l());
  };

  const refuse = (error: unknown) => {
    const unknown = { title: "Something went wrong", detail: String(error), status: 0 } as ProblemBody;
    set({ refusal: error instanceof Problem ? error.body : unknown });
  };

  const answer = (asked: Asked) =>
    "score" in asked ? server.move(asked.from, asked.score, asked.toMm) : server.plan(asked.brief);

  /** What has not changed stays the same object, so that only what shows a change is drawn anew. */
  const shared = (plan: Plan): Plan => replaceEqualDeep(bench.plan, plan);

  /** @param otherwise what is shown again if it is refused */
  async function show(
    asked: Asked,
    remember: (plan: Plan) => Partial<Bench>,
    otherwise: Plan | null = null,
  ): Promise<boolean> {
    const mine = ++newest;
    try {
      const plan = await answer(asked);
      if (mine !== newest) return false;
      const next = shared(plan);
      set({ plan: next, settled: next.brief, refusal: null, ...remember(plan) });
      /* A drag that began meanwhile goes on from here. */
      if (dragStart) dragStart = next;
      return true;
    } catch (error) {
      if (mine === newest) {
        if (otherwise) set({ plan: otherwise });
        refuse(error);
      }
      return false;
    }
  }

  /** One after the other, each on what the one before it left: quick changes do not lose each other. What is done is saved. */
  function inTurn(job: () => Promise<boolean>): Promise<boolean> {
    planned++;
    if (bench.save === "saved") set({ save: "saving" });
    const mine = turn
      .then(job)
      .then((done) => {
        if (done) saveSoon();
        return done;
      })
      .finally(() => {
        planned--;
        if (bench.save === "saving") set({ save: saveState() });
      });
    turn = mine.catch(() => undefined);
    return mine;
  }

  const saveState = () => (planned > 0 || isUnsaved ? "saving" : "saved");

  /** One step of undo, planned and saved; a refused one leaves everything as it was, also as it was before a drag. */
  function changeTo(asked: (now: Plan) => Asked | null): Promise<boolean> {
    const before = dragStart;
    dragStart = null;
    live.next = null;
    return inTurn(async () => {
      const shown = bench.plan;
      const wanted = shown && asked(shown);
      if (!wanted) return false;
      return show(
        wanted,
        () => ({
          past: [...bench.past, before?.brief ?? shown.brief].slice(-MOST_UNDO),
          future: [],
        }),
        before,
      );
    });
  }

  /** Changes the brief. */
  function change(edit: Edit): Promise<boolean> {
    return changeTo((now) => ({ brief: typeof edit === "function" ? edit(now.brief) : edit }));
  }

  /**
   * Moves a score, reckoned from where a drag of it began.
   *
   * @param to where to, or how that follows from what is shown by then; null leaves it
   */
  function move(score: string, to: number | ((now: Plan) => number | null)): Promise<boolean> {
    const from = dragStart?.brief;
    return changeTo((now) => {
      const toMm = typeof to === "function" ? to(now) : to;
      return toMm === null ? null : { from: from ?? now.brief, score, toMm };
    });
  }

  /**
   * Shows a brief while something is dragged: one request at a time, the newest wins, nothing is kept for undo. A change that is
   * still being planned comes first: the drag goes on from it.
   */
  async function ask(asked: (start: Brief) => Asked): Promise<void> {
    live.next = asked;
    if (live.running) return;
    live.running = true;
    try {
      while (live.next) {
        await turn;
        const next = live.next as ((start: Brief) => Asked) | null;
        live.next = null;
        dragStart ??= bench.plan;
        if (!next || !dragStart) break;
        const mine = newest;
        const drag = dragStart;
        const isLate = () => mine !== newest || drag !== dragStart;
        try {
          const plan = await answer(next(dragStart.brief));
          if (!isLate()) set({ plan: shared(plan), refusal: null });
        } catch (error) {
          if (!isLate()) refuse(error);
        }
      }
    } finally {
      live.running = false;
    }
  }

  const preview = (edit: Edit) =>
    ask((start) => ({ brief: typeof edit === "function" ? edit(start) : edit }));

  const previewMove = (score: string, toMm: number) => ask((from) => ({ from, score, toMm }));

  /** Ends a drag that changed nothing: what was shown before it is shown again. */
  function dropPreview(): void {
    const before = dragStart;
    dragStart = null;
    live.next = null;
    if (before) set({ plan: before, refusal: null });
  }

  async function step(from: "past" | "future"): Promise<boolean> {
    const now = bench.plan?.brief;
    const list = bench[from];
    const brief = list.at(-1);
    if (!now || !brief) return false;
    const other = from === "past" ? "future" : "past";
    return show({ brief }, () => ({
      [from]: list.slice(0, -1),
      [other]: [...bench[other], now],
    }));
  }

  function saveSoon() {
    clearTimeout(saveTimer);
    isUnsaved = true;
    set({ save: bench.save === "conflict" ? "conflict" : "saving" });
    saveTimer = setTimeout(() => void saveNow(), saveDelayMs);
  }

  /** Saves one after the other; resolves when what the maker wants now is kept, or could not be. */
  function saveNow(version?: number): Promise<void> {
    clearTimeout(saveTimer);
    const wanted = turn;
    saving = saving.then(() => wanted).then(() => put(version));
    return saving;
  }

  async function put(version?: number): Promise<void> {
    const { project, plan, name } = bench;
    if (!project || !plan || (bench.save === "conflict" && version === undefined)) return;
    if (version === undefined && !isUnsaved) return;
    /* What is shown by then may have changed again. */
    const kept = (saved: Project) => {
      isUnsaved = bench.plan?.brief !== plan.brief || bench.name !== name;
      set({ project: saved, save: saveState(), saveTrouble: null, theirs: null });
      if (!isUnsaved) unsaved.forget(project.id);
    };
    try {
      kept(await server.save(project.id, version ?? project.version, name, plan.brief));
    } catch (error) {
      if (!(error instanceof Problem)) throw error;
      const theirs = error.body.current;
      unsaved.keep(project.id, { name, brief: plan.brief });
      if (theirs && alike(theirs.brief, plan.brief) && theirs.name === name) {
        /* The answer to an earlier try was lost on its way: it is kept already. */
        kept(theirs);
      } else if (theirs) {
        set({ save: "conflict", theirs });
      } else {
        set({ save: "failed", saveTrouble: error.message });
        clearTimeout(saveTimer);
        saveTimer = setTimeout(() => void saveNow(), TRY_AGAIN_MS);
      }
    }
  }

  /** Begins work on a project; the past is empty. */
  async function open(project: Project): Promise<boolean> {
    isUnsaved = false;
    set({
      project,
      name: project.name,
      past: [],
      future: [],
      save: "saved",
      saveTrouble: null,
      theirs: null,
      refusal: null,
    });
    return show({ brief: project.brief }, () => ({}));
  }

  /** Lays out another brief where that of the project gives no plan; it is saved like any change. */
  async function replace(brief: Brief): Promise<boolean> {
    const done = await show({ brief }, () => ({}));
    if (done) saveSoon();
    return done;
  }

  return {
    replace,
    get: () => bench,
    subscribe(listener: () => void) {
      listeners.add(listener);
      return () => void listeners.delete(listener);
    },
    open,
    change,
    move,
    preview,
    previewMove,
    dropPreview,
    undo: () => inTurn(() => step("past")),
    redo: () => inTurn(() => step("future")),
    rename(name: string) {
      set({ name });
      saveSoon();
    },
    saveNow: () => saveNow(),
    forgetRefusal: () => set({ refusal: null }),
    /** After a conflict: what this tab shows becomes the newest; what the other tab saved stays as a revision. */
    keepMine: () => (bench.theirs ? saveNow(bench.theirs.version) : Promise.resolve()),
    /** After a conflict: what the other tab saved is shown here; mine can still be undone to. */
    takeTheirs: async () => {
      const theirs = bench.theirs;
      const mine = bench.plan?.brief;
      if (!theirs) return;
      await open(theirs);
      if (mine) set({ past: [mine] });
    },
  };
}

export type BenchStore = ReturnType<typeof createBenchStore>;
