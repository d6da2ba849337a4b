import { describe, expect, it } from "vitest";
import type { Task } from "../api/types";
import { fresh } from "../test/samples";
import {
  backward,
  cardInHand,
  cautionOf,
  current,
  doneFor,
  forAll,
  left,
  onward,
  tooLate,
  waitsFor,
  wholeCourseDone,
  course,
} from "./course";

const task = (id: string, part: Partial<Task> = {}): Task =>
  ({
    id,
    kind: "cut",
    caution: "",
    shortly: "",
    after: [],
    mechanism: true,
    minutes: null,
    measures: [],
    ...part,
  }) as unknown as Task;

const three = [task("a"), task("b"), task("c")];

describe("one card", () => {
  it("goes on to the end and stays there", () => {
    let state = fresh();
    for (const expected of ["b", "c", "c", "c"]) {
      state = onward(three, state, 0);
      expect(state.at ?? null).toBe(expected);
    }
    expect(wholeCourseDone(three, state)).toBe(true);
  });

  it("goes back without undoing and passes again what is done", () => {
    let state = onward(three, onward(three, fresh(), 0), 0);
    state = backward(three, backward(three, state));
    expect(current(three, state)).toBe(0);
    expect(doneFor(state, "a")).toBe(1);
    expect(onward(three, state, 0).at).toBe("b");
  });

  it("finds its place again when the task is gone", () => {
    const state = { ...onward(three, fresh(), 0), at: "gone" };
    expect(current(three, state)).toBe(1);
  });
});

describe("several cards", () => {
  it("ticks a whole step off for all of them", () => {
    const state = forAll(three, { ...fresh(), cards: 3 }, 0);
    expect(doneFor(state, "a")).toBe(3);
    expect(state.at).toBe("b");
  });

  it("counts each step for all of them before the next", () => {
    let state = fresh({ cards: 3 });
    for (const [at, a] of [
      ["a", 1],
      ["a", 2],
      ["b", 3],
    ] as const) {
      state = onward(three, state, 0);
      expect([state.at, doneFor(state, "a")]).toEqual([at, a]);
    }
  });

  it("finishes one before the next, if so wanted", () => {
    let state = fresh({ cards: 2, byCard: true });
    for (let i = 0; i < 3; i++) state = onward(three, state, 0);
    expect(state.at).toBe("a");
    expect(cardInHand(three, state)).toBe(2);
    for (let i = 0; i < 3; i++) state = onward(three, state, 0);
    expect(wholeCourseDone(three, state)).toBe(true);
  });

  it("does every task for every card, whichever way", () => {
    for (const byCard of [false, true])
      for (const cards of [1, 2, 5]) {
        let state = fresh({ cards, byCard });
        for (let i = 0; i < cards * three.length; i++) {
          expect(wholeCourseDone(three, state)).toBe(false);
          state = onward(three, state, 0);
        }
        expect(wholeCourseDone(three, state)).toBe(true);
      }
  });
});

it("lets glue dry without standing by, and says what is not dry yet", () => {
  const tasks = [task("dry", { kind: "dry", minutes: 10 }), task("bend", { after: ["dry"] })];
  const state = onward(tasks, fresh(), 1_000);
  expect(state.at).toBe("bend");
  const bend = tasks[1] as Task;
  expect(waitsFor(bend, state, 2_000)).toHaveLength(1);
  expect(waitsFor(bend, state, 1_000 + 600_000)).toHaveLength(0);
  expect(left(state.timers[0]?.until ?? "", 1_000)).toBe("10:00");
  expect(left(new Date(24 * 3_600_000).toISOString(), 0)).toBe("24 h 0 min");
});

it("says when an own step comes too late", () => {
  const tasks = [
    task("lay", { after: ["dry/stamp"] }),
    task("stamp", { kind: "own" }),
    task("dry/stamp", { kind: "dry", after: ["stamp"] }),
  ];
  const stamp = tasks[1] as Task;
  expect(tooLate(tasks, stamp, fresh())).toBeUndefined();
  expect(tooLate(tasks, stamp, fresh({ done: [{ task: "lay", cards: 1 }] }))?.id).toBe("lay");
});

it("shortens a caution after the first time, and leaves a mock-up only its mechanism", () => {
  const tasks = [
    task("a", { caution: "Blades are sharp.", shortly: "Blade." }),
    task("b", { caution: "Blades are sharp.", shortly: "Blade.", mechanism: false }),
  ];
  expect([cautionOf(tasks, 0), cautionOf(tasks, 1)]).toEqual(["Blades are sharp.", "Blade."]);
  expect(course(tasks, fresh({ mockUp: true })).map((t) => t.id)).toEqual(["a"]);
});
