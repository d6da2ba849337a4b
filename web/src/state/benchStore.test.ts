import { beforeEach, expect, it, vi } from "vitest";
import { Problem } from "../api/client";
import type { Brief, Plan, Project } from "../api/types";
import { createBenchStore, type BenchServer } from "./benchStore";
import { brief, plan, project } from "../test/samples";

const problem = (current?: Project) =>
  new Problem({ title: "", detail: "refused", status: 422, current } as Problem["body"]);

const named = (fold: string) => brief({ fold });

let saved: Brief[];
let server: BenchServer;
let version: number;

beforeEach(() => {
  saved = [];
  version = 1;
  server = {
    plan: vi.fn((b: Brief) =>
      b.fold === "bad" ? Promise.reject(problem()) : Promise.resolve(plan({ brief: b })),
    ),
    move: vi.fn((b: Brief, score: string, toMm: number) =>
      toMm > 100
        ? Promise.reject(problem())
        : Promise.resolve(plan({ brief: { ...b, parameters: { [score]: String(toMm) } } })),
    ),
    save: vi.fn((_id: string, at: number, name: string, b: Brief) => {
      if (at !== version) return Promise.reject(problem(project(version, { brief: named("theirs") })));
      version += 1;
      saved.push(b);
      return Promise.resolve(project(version, { name, brief: b }));
    }),
  };
});

async function opened() {
  const store = createBenchStore(server, 0);
  await store.open(project(1));
  return store;
}

it("plans a change, remembers the one before, and saves by itself", async () => {
  const store = await opened();
  await store.change(named("a"));
  expect(store.get().past.map((b) => b.fold)).toEqual(["z-fold"]);
  await store.saveNow();
  expect(saved.map((b) => b.fold)).toEqual(["a"]);
  expect(store.get().save).toBe("saved");
});

it("leaves everything as it was when a change is refused", async () => {
  const store = await opened();
  expect(await store.change(named("bad"))).toBe(false);
  expect(store.get().plan?.brief.fold).toBe("z-fold");
  expect(store.get().past).toEqual([]);
  expect(store.get().refusal?.detail).toBe("refused");
});

it("goes back and forth, and a new change ends the forth", async () => {
  const store = await opened();
  await store.change(named("a"));
  await store.change(named("b"));
  await store.undo();
  await store.undo();
  expect(store.get().plan?.brief.fold).toBe("z-fold");
  await store.redo();
  expect(store.get().plan?.brief.fold).toBe("a");
  await store.change(named("c"));
  expect(store.get().future).toEqual([]);
  expect(store.get().past.map((b) => b.fold)).toEqual(["z-fold", "a"]);
});

it("makes one step of undo of a whole drag", async () => {
  const store = await opened();
  await store.preview(named("a"));
  await store.preview(named("b"));
  await store.change(named("c"));
  expect(store.get().past.map((b) => b.fold)).toEqual(["z-fold"]);
});

it("puts quick changes one on top of the other; none is lost", async () => {
  const store = await opened();
  const first = store.change((b) => ({ ...b, fold: "a" }));
  const refused = store.change((b) => ({ ...b, fold: "bad" }));
  const second = store.change((b) => ({ ...b, sheet: "a4" }));
  expect(await Promise.all([first, refused, second])).toEqual([true, false, true]);
  expect(store.get().plan?.brief).toMatchObject({ fold: "a", sheet: "a4" });
  expect(store.get().past).toHaveLength(2);
});

it("does not save over another tab's save; mine can be kept on top", async () => {
  const store = await opened();
  version = 5;
  await store.change(named("mine"));
  await store.saveNow();
  expect(store.get().save).toBe("conflict");
  expect(store.get().theirs?.version).toBe(5);
  expect(saved).toEqual([]);
  await store.keepMine();
  expect(saved.map((b) => b.fold)).toEqual(["mine"]);
  expect(store.get().save).toBe("saved");
});

it("takes the other tab's save, and mine can be undone to", async () => {
  const store = await opened();
  version = 5;
  await store.change(named("mine"));
  await store.saveNow();
  await store.takeTheirs();
  expect(store.get().plan?.brief.fold).toBe("theirs");
  expect(store.get().past.map((b) => b.fold)).toEqual(["mine"]);
});

it("says so when a save fails, and tries again when asked", async () => {
  const store = await opened();
  const works = server.save;
  server.save = vi.fn(() => Promise.reject(problem()));
  await store.change(named("a"));
  await store.saveNow();
  expect(store.get().save).toBe("failed");
  server.save = works;
  await store.saveNow();
  expect(store.get().save).toBe("saved");
});

it("does not say saved while a change is being planned, nor for longer if it is refused", async () => {
  const store = await opened();
  const refused = store.change(named("bad"));
  expect(store.get().save).toBe("saving");
  await refused;
  expect(store.get().save).toBe("saved");
  const done = store.change(named("a"));
  expect(store.get().save).toBe("saving");
  await done;
  expect(store.get().save).toBe("saving");
  await store.saveNow();
  expect(store.get().save).toBe("saved");
  expect(saved).toHaveLength(1);
});

it("keeps what is still being planned when it is told to save now", async () => {
  const store = await opened();
  void store.change(named("a"));
  await store.saveNow();
  expect(saved.map((b) => b.fold)).toEqual(["a"]);
  void store.undo();
  await store.saveNow();
  expect(saved).toHaveLength(2);
  expect(store.get().save).toBe("saved");
});

/** Answers that come when the test says so. */
function answering() {
  const answers: { resolve: (b: Brief) => void; reject: (e: unknown) => void }[] = [];
  server.plan = vi.fn(
    () =>
      new Promise<Plan>((resolve, reject) => {
        answers.push({ resolve: (b) => resolve(plan({ brief: b })), reject });
      }),
  );
  return answers;
}

const settle = () => new Promise((done) => setTimeout(done, 0));

it("shows the brief from before a drag whose end is refused, and keeps what can be undone", async () => {
  const store = await opened();
  await store.change(named("a"));
  await store.previewMove("score 1", 40);
  expect(store.get().plan?.brief.parameters).toEqual({ "score 1": "40" });
  expect(await store.move("score 1", 200)).toBe(false);
  expect(store.get().plan?.brief).toEqual(named("a"));
  expect(store.get().refusal?.detail).toBe("refused");
  expect(store.get().past.map((b) => b.fold)).toEqual(["z-fold"]);
});

it("reckons every move of a drag from the brief that it began with", async () => {
  const store = await opened();
  await store.previewMove("score 1", 40);
  await store.previewMove("score 1", 50);
  await store.move("score 1", 60);
  const from = vi.mocked(server.move).mock.calls.map(([b]) => b);
  expect(from).toEqual([brief(), brief(), brief()]);
  expect(store.get().past).toEqual([brief()]);
  expect(store.get().settled?.parameters).toEqual({ "score 1": "60" });
});

it("does not show the late refusal of a preview after a good change", async () => {
  const store = await opened();
  const answers = answering();
  const preview = store.preview(named("bad"));
  await settle();
  const change = store.change(named("good"));
  await settle();
  answers[1]?.resolve(named("good"));
  await change;
  answers[0]?.reject(problem());
  await preview;
  expect(store.get().refusal).toBeNull();
  expect(store.get().plan?.brief.fold).toBe("good");
});

it("goes on showing previews after any error", async () => {
  const store = await opened();
  server.move = vi
    .fn()
    .mockRejectedValueOnce(new TypeError("broken"))
    .mockResolvedValue(plan({ brief: named("b") }));
  await store.previewMove("score 1", 40);
  expect(store.get().refusal?.detail).toContain("broken");
  await store.previewMove("score 1", 41);
  expect(store.get().plan?.brief.fold).toBe("b");
  expect(store.get().refusal).toBeNull();
});

it("keeps the brief that slow questions are asked with while something is dragged", async () => {
  const store = await opened();
  const settled = store.get().settled;
  await store.previewMove("score 1", 40);
  expect(store.get().settled).toBe(settled);
  store.dropPreview();
  expect(store.get().settled).toBe(settled);
  expect(store.get().plan?.brief).toEqual(brief());
});

it("leaves what a preview does not change the same object, so that it is not drawn anew", async () => {
  const store = await opened();
  const with2 = (fold: string) =>
    plan({ brief: named(fold), snags: [{ code: "X" }] as never, tasks: [{ title: fold }] as never });
  server.plan = vi.fn((b: Brief) => Promise.resolve(with2(b.fold)));
  await store.change(named("a"));
  const before = store.get().plan;
  await store.preview(named("b"));
  const after = store.get().plan;
  expect(after?.snags).toBe(before?.snags);
  expect(after?.tasks).not.toBe(before?.tasks);
});

it("says why it could not save, keeps the brief, and tries again", async () => {
  const store = await opened();
  vi.mocked(server.save).mockRejectedValueOnce(
    new Problem({ title: "Not kept", detail: "The disk is full.", status: 507 }),
  );
  await store.change(named("a"));
  await store.saveNow();
  expect(store.get().save).toBe("failed");
  expect(store.get().saveTrouble).toBe("The disk is full.");
  expect(store.get().plan?.brief.fold).toBe("a");
  await store.saveNow();
  expect(store.get().save).toBe("saved");
  expect(store.get().saveTrouble).toBeNull();
  expect(saved.map((b) => b.fold)).toEqual(["a"]);
});

it("takes a save whose answer was lost for what it is", async () => {
  const store = await opened();
  await store.change(named("a"));
  vi.mocked(server.save).mockRejectedValueOnce(
    problem(project(7, { name: "Card", brief: brief({ fold: "a" }) })),
  );
  await store.saveNow();
  expect(store.get().save).toBe("saved");
  expect(store.get().theirs).toBeNull();
  expect(store.get().project?.version).toBe(7);
});

it("still saves what was changed while the answer to an earlier try was lost", async () => {
  const store = await opened();
  await store.change(named("a"));
  vi.mocked(server.save).mockImplementationOnce(async () => {
    await store.change(named("b"));
    version = 7;
    throw problem(project(7, { name: "Card", brief: named("a") }));
  });
  await store.saveNow();
  expect(store.get().save).toBe("saving");
  await store.saveNow();
  expect(saved.map((b) => b.fold)).toEqual(["b"]);
  expect(store.get().save).toBe("saved");
});

/** The server answers plans only when it is let. */
function slowly() {
  const waiting: (() => void)[] = [];
  const quick = server.plan;
  server.plan = vi.fn(async (b: Brief) => {
    await new Promise<void>((go) => waiting.push(go));
    return quick(b);
  });
  return { go: () => waiting.splice(0).forEach((w) => w()) };
}

it("keeps a typed change when a drag begins before its plan is back", async () => {
  const store = await opened();
  const slow = slowly();
  const typed = store.change((now) => ({ ...now, closure: "belt" }));
  void store.previewMove("score 1", 40);
  const dropped = store.move("score 1", 50);
  await settle();
  slow.go();
  expect(await typed).toBe(true);
  expect(await dropped).toBe(true);
  expect(store.get().plan?.brief.closure).toBe("belt");
  expect(store.get().plan?.brief.parameters).toEqual({ "score 1": "50" });
  expect(store.get().past).toHaveLength(2);
});

it("keeps a typed change when the drag is let go where it began", async () => {
  const store = await opened();
  const slow = slowly();
  const typed = store.change((now) => ({ ...now, closure: "belt" }));
  void store.previewMove("score 1", 40);
  store.dropPreview();
  await settle();
  slow.go();
  expect(await typed).toBe(true);
  expect(store.get().plan?.brief.closure).toBe("belt");
});

it("goes on with a drag from a change that came meanwhile", async () => {
  const store = await opened();
  const slow = slowly();
  const typed = store.change((now) => ({ ...now, closure: "belt" }));
  const preview = store.previewMove("score 1", 40);
  await settle();
  slow.go();
  await typed;
  await preview;
  expect(store.get().plan?.brief.parameters).toEqual({ "score 1": "40" });
  expect(store.get().plan?.brief.closure).toBe("belt");
  store.dropPreview();
  expect(store.get().plan?.brief.closure).toBe("belt");
  expect(store.get().plan?.brief.parameters).not.toEqual({ "score 1": "40" });
});

it("counts quick keys from where the score lies by then, one step of undo each", async () => {
  const store = await opened();
  const further = (now: Plan) => Number(now.brief.parameters["score 1"] ?? 10) + 1;
  await Promise.all([1, 2, 3].map(() => store.move("score 1", further)));
  expect(store.get().plan?.brief.parameters).toEqual({ "score 1": "13" });
  expect(store.get().past).toHaveLength(3);
  expect(await store.move("score 1", () => null)).toBe(false);
  expect(store.get().past).toHaveLength(3);
});
