import type { MakingState, Task } from "../api/types";
import { left } from "./course";

interface TimersProps {
  tasks: Task[];
  state: MakingState;
  now: number;
  onDrop(task: string): void;
}

/** What is drying, and for how long yet; nobody has to wait for it here. */
export function Timers({ tasks, state, now, onDrop }: TimersProps) {
  if (state.timers.length === 0) return null;
  return (
    <ul aria-label="Drying" className="m-0 flex list-none flex-wrap gap-2 p-0">
      {state.timers.map((timer) => {
        const what = tasks.find((t) => t.id === timer.task)?.drying ?? "glue";
        const over = Date.parse(timer.until) <= now;
        return (
          <li
            key={timer.task}
            className={`flex items-center gap-2 rounded-md px-3 py-1 text-lg ${over ? "bg-accent-soft" : "bg-warn-soft"}`}
          >
            <span role={over ? "status" : undefined}>
              {over ? `${what}: dry` : `${what}: ${left(timer.until, now)}`}
            </span>
            <button
              type="button"
              aria-label={`Put the clock for ${what} away`}
              className="min-h-9 min-w-9 font-bold"
              onClick={() => onDrop(timer.task)}
            >
              ×
            </button>
          </li>
        );
      })}
    </ul>
  );
}
