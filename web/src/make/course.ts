import type { MakingState, Task } from "../api/types";

/** What of a card's tasks is done here: all of them, or only what a mock-up needs. */
export const course = (tasks: Task[], state: MakingState): Task[] =>
  state.mockUp ? tasks.filter((t) => t.mechanism) : tasks;

/** What is done to a mock-up is not done to the card. */
const lineOf = (state: MakingState, id: string) => (state.mockUp ? `mock-up/${id}` : id);

/** For how many cards a task is done. */
export const doneFor = (state: MakingState, id: string): number =>
  Math.min(state.cards, state.done.find((d) => d.task === lineOf(state, id))?.cards ?? 0);

export const isDone = (state: MakingState, id: string): boolean => doneFor(state, id) >= state.cards;

/** The task that is looked at; where its id is not on the card any more, the first that is not done. */
export function current(tasks: Task[], state: MakingState): number {
  const at = tasks.findIndex((t) => t.id === state.at);
  if (at >= 0) return at;
  const open = tasks.findIndex((t) => !isDone(state, t.id));
  return open < 0 ? Math.max(0, tasks.length - 1) : open;
}

export function withDone(state: MakingState, id: string, cards: number): MakingState {
  const task = lineOf(state, id);
  const rest = state.done.filter((d) => d.task !== task);
  const kept = Math.min(state.cards, Math.max(0, cards));
  return { ...state, done: kept === 0 ? rest : [...rest, { task, cards: kept }] };
}

export const wholeCourseDone = (tasks: Task[], state: MakingState): boolean =>
  tasks.every((t) => isDone(state, t.id));

/** Which card of several is in hand when one is finished before the next is begun. */
export function cardInHand(tasks: Task[], state: MakingState): number {
  const task = tasks[current(tasks, state)];
  return Math.min(state.cards, (task ? doneFor(state, task.id) : 0) + 1);
}

/**
 * One card's task is done: on to the next card, the next task, or the next card's first task.
 * What is done already is only passed.
 * @param now the time, milliseconds: a wait begins then and nobody has to stand by
 */
export function onward(tasks: Task[], state: MakingState, now: number): MakingState {
  const at = current(tasks, state);
  const task = tasks[at];
  if (!task) return state;
  const done = Math.min(state.cards, doneFor(state, task.id) + 1);
  let after = withDone(state, task.id, done);
  if (task.minutes && !isDone(state, task.id)) after = withTimer(after, task, now);
  const next = tasks[at + 1];
  if (state.byCard || state.cards === 1) {
    if (next) return { ...after, at: next.id };
    const first = tasks[0];
    return first && done < state.cards ? { ...after, at: first.id } : after;
  }
  return done >= state.cards && next ? { ...after, at: next.id } : { ...after, at: task.id };
}

/** A whole task is done for all cards at once. */
export function forAll(tasks: Task[], state: MakingState, now: number): MakingState {
  const task = tasks[current(tasks, state)];
  return task ? onward(tasks, withDone(state, task.id, state.cards - 1), now) : state;
}

const MINUTE = 60_000;

function withTimer(state: MakingState, task: Task, now: number): MakingState {
  const until = new Date(now + (task.minutes ?? 0) * MINUTE).toISOString();
  return { ...state, timers: [...state.timers.filter((t) => t.task !== task.id), { task: task.id, until }] };
}

/** Back to the task before; what was done stays done. */
export function backward(tasks: Task[], state: MakingState): MakingState {
  const before = tasks[current(tasks, state) - 1];
  return before ? { ...state, at: before.id } : state;
}

/** What dries still and has to be dry before that task. */
export const waitsFor = (task: Task, state: MakingState, now: number) =>
  state.timers.filter((t) => task.after.includes(t.task) && Date.parse(t.until) > now);

/** A step of the maker's own that something done already has covered: what that was. */
export function tooLate(tasks: Task[], task: Task, state: MakingState): Task | undefined {
  if (task.kind !== "own" || isDone(state, task.id)) return undefined;
  const own = new Set([task.id, `dry/${task.id}`]);
  return tasks.find((t) => !own.has(t.id) && t.after.some((a) => own.has(a)) && doneFor(state, t.id) > 0);
}

/** A caution in full where it is met for the first time, then in a few words. */
export function cautionOf(tasks: Task[], at: number): string {
  const task = tasks[at];
  if (!task) return "";
  return tasks.slice(0, at).some((t) => t.caution === task.caution) ? task.shortly : task.caution;
}

/** "12:05" or "23 h 10 min". */
export function left(until: string, now: number): string {
  const seconds = Math.max(0, Math.ceil((Date.parse(until) - now) / 1000));
  const minutes = Math.floor(seconds / 60);
  return minutes >= 120
    ? `${Math.floor(minutes / 60)} h ${minutes % 60} min`
    : `${minutes}:${String(seconds % 60).padStart(2, "0")}`;
}
