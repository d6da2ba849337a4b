import { api, Problem } from "../api/client";
import type { Brief, Plan, ProblemBody, Project } from "../api/types";

/** A whole brief, or what to make of the one that is shown by then. */
export type Edit = Brief | ((now: Brief) => Brief);

export type SaveState = "saved" | "saving" | "failed" | "conflict";

/** Everything the bench shows. The brief is always `plan.brief`: a refused one never replaces it. */
export interface Bench {
  plan: Plan | null;
  name: string;
  project: Project | null;
  past: Brief[];
  future: Brief[];
  /** Why the last change was refused; the plan is still the one before. */
  refusal: ProblemBody | null;
  save: SaveState;
  /** With a conflict: the project as another tab left it. */
  theirs: Project | null;
}

/** What the store needs of the server; tests give their own. */
export interface BenchServer {
  plan(brief: Brief): Promise<Plan>;
  save(id: string, version: number, name: string, brief: Brief): Promise<Project>;
}

const MOST_UNDO = 200;
const SAVE_DELAY_MS = 350;

/** The bench's state, without React: changes are planned by the server, kept for undo, and saved by themselves. */
export function createBenchStore(server: BenchServer = api, saveDelayMs = SAVE_DELAY_MS) {
  let bench: Bench = {
    plan: null,
    name: "",
    project: null,
    past: [],
    future: [],
    refusal: null,
    save: "saved",
    theirs: null,
  };
  const listeners = new Set<() => void>();
  let asked = 0;
  let live: { running: boolean; next: Brief | null } = { running: false, next: null };
  let saveTimer: ReturnType<typeof setTimeout> | undefined;
  let saving: Promise<void> = Promise.resolve();
  let dragStart: Brief | null = null;
  let turn: Promise<unknown> = Promise.resolve();

  const set = (change: Partial<Bench>) => {
    bench = { ...bench, ...change };
    listeners.forEach((l) => l());
  };

  const refuse = (error: unknown) => {
    if (!(error instanceof Problem)) throw error;
    set({ refusal: error.body });
  };

  async function show(brief: Brief, remember: (plan: Plan) => Partial<Bench>): Promise<boolean> {
    const mine = ++asked;
    try {
      const plan = await server.plan(brief);
      if (mine !== asked) return false;
      set({ plan, refusal: null, ...remember(plan) });
      return true;
    } catch (error) {
      if (mine === asked) refuse(error);
      return false;
    }
  }

  /** One after the other, each on what the one before it left: quick changes do not lose each other. */
  function inTurn<T>(job: () => Promise<T>): Promise<T> {
    const mine = turn.then(job);
    turn = mine.catch(() => undefined);
    return mine;
  }

  /** Changes the brief: one step of undo, planned and saved; a refused change leaves everything as it was. */
  function change(edit: Edit): Promise<boolean> {
    const draggedFrom = dragStart;
    dragStart = null;
    live = { running: live.running, next: null };
    return inTurn(async () => {
      const now = bench.plan?.brief;
      if (!now) return false;
      const done = await show(typeof edit === "function" ? edit(now) : edit, () => ({
        past: [...bench.past, draggedFrom ?? now].slice(-MOST_UNDO),
        future: [],
      }));
      if (done) saveSoon();
      return done;
    });
  }

  /** Shows a brief while something is dragged: one request at a time, the newest wins, nothing is kept for undo. */
  async function preview(brief: Brief): Promise<void> {
    dragStart ??= bench.plan?.brief ?? null;
    live.next = brief;
    if (live.running) return;
    live.running = true;
    while (live.next) {
      const next = live.next;
      live.next = null;
      const mine = asked;
      try {
        const plan = await server.plan(next);
        if (mine === asked) set({ plan, refusal: null });
      } catch (error) {
        refuse(error);
      }
    }
    live.running = false;
  }

  /** Ends a drag that changed nothing: what was shown before it is shown again. */
  async function dropPreview(): Promise<void> {
    const before = dragStart;
    dragStart = null;
    live = { running: live.running, next: null };
    if (before) await show(before, () => ({}));
  }

  async function step(from: "past" | "future"): Promise<void> {
    const now = bench.plan?.brief;
    const list = bench[from];
    const brief = list.at(-1);
    if (!now || !brief) return;
    const other = from === "past" ? "future" : "past";
    const done = await show(brief, () => ({
      [from]: list.slice(0, -1),
      [other]: [...bench[other], now],
    }));
    if (done) saveSoon();
  }

  function saveSoon() {
    clearTimeout(saveTimer);
    set({ save: bench.save === "conflict" ? "conflict" : "saving" });
    saveTimer = setTimeout(() => void saveNow(), saveDelayMs);
  }

  /** Saves one after the other; resolves when what is shown now is kept, or could not be. */
  function saveNow(version?: number): Promise<void> {
    clearTimeout(saveTimer);
    saving = saving.then(() => put(version));
    return saving;
  }

  async function put(version?: number): Promise<void> {
    const { project, plan, name } = bench;
    if (!project || !plan || (bench.save === "conflict" && version === undefined)) return;
    if (version === undefined && bench.save === "saved") return;
    try {
      const saved = await server.save(project.id, version ?? project.version, name, plan.brief);
      const current = bench.plan?.brief === plan.brief && bench.name === name;
      set({ project: saved, save: current ? "saved" : "saving", theirs: null });
    } catch (error) {
      if (!(error instanceof Problem)) throw error;
      const theirs = error.body.current;
      set(theirs ? { save: "conflict", theirs } : { save: "failed" });
    }
  }

  /** Begins work on a project; the past is empty. */
  async function open(project: Project): Promise<boolean> {
    set({ project, name: project.name, past: [], future: [], save: "saved", theirs: null, refusal: null });
    return show(project.brief, () => ({}));
  }

  return {
    get: () => bench,
    subscribe(listener: () => void) {
      listeners.add(listener);
      return () => void listeners.delete(listener);
    },
    open,
    change,
    preview,
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
