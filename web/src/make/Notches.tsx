import type { MakingState, Task } from "../api/types";
import { doneFor } from "./course";

interface NotchesProps {
  tasks: Task[];
  state: MakingState;
  at: number;
  onGo(id: string): void;
}

/** How far it is, like a ruler: a mark for each step, tall where a new kind of work begins. */
export function Notches({ tasks, state, at, onGo }: NotchesProps) {
  return (
    <ol aria-label="How far it is" className="border-rule m-0 flex h-9 list-none items-end border-b-2 p-0">
      {tasks.map((task, i) => {
        const share = doneFor(state, task.id) / state.cards;
        const tall = i === 0 || tasks[i - 1]?.kind !== task.kind;
        return (
          <li key={task.id} className="flex h-full grow items-end">
            <button
              type="button"
              aria-label={`Step ${i + 1}, ${task.title}${share === 1 ? ", done" : ""}`}
              aria-current={i === at ? "step" : undefined}
              title={`${i + 1}. ${task.title}`}
              onClick={() => onGo(task.id)}
              className={`hover:bg-accent-soft flex h-full w-full items-end justify-center border-0 bg-transparent p-0 ${i === at ? "bg-accent-soft" : ""}`}
            >
              <span
                className={`block w-1.5 rounded-t-sm ${tall ? "h-6" : "h-3.5"} ${
                  share === 1
                    ? "bg-accent"
                    : i === at
                      ? "bg-ink"
                      : share > 0
                        ? "bg-accent opacity-50"
                        : "bg-rule"
                }`}
              />
            </button>
          </li>
        );
      })}
    </ol>
  );
}
