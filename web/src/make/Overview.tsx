import type { MakingState, Task } from "../api/types";
import { doneFor, withDone } from "./course";
import { OwnSteps } from "./OwnSteps";

interface OverviewProps {
  tasks: Task[];
  state: MakingState;
  at: number;
  onGo(id: string): void;
  onChange(how: (state: MakingState) => MakingState): void;
}

/** All steps with their ticks; a tick can be set and taken back. */
export function Overview({ tasks, state, at, onGo, onChange }: OverviewProps) {
  return (
    <div className="grid gap-5 lg:grid-cols-[minmax(0,2fr)_minmax(0,1fr)]">
      <ol aria-label="All steps" className="m-0 columns-1 gap-6 p-0 text-lg md:columns-2">
        {tasks.map((task, i) => {
          const done = doneFor(state, task.id);
          return (
            <li key={task.id} className="border-rule flex break-inside-avoid items-center gap-2 border-b">
              <input
                type="checkbox"
                aria-label={`${task.title} is done`}
                checked={done === state.cards}
                onChange={(e) => onChange((s) => withDone(s, task.id, e.target.checked ? s.cards : 0))}
                className="accent-accent size-6"
              />
              <button
                type="button"
                aria-current={i === at ? "step" : undefined}
                onClick={() => onGo(task.id)}
                className={`hover:bg-accent-soft min-h-10 grow text-left ${i === at ? "text-accent font-bold" : ""}`}
              >
                {i + 1}. {task.title}
                {state.cards > 1 && done > 0 && done < state.cards && (
                  <span className="text-quiet">
                    {" "}
                    {done} of {state.cards}
                  </span>
                )}
              </button>
            </li>
          );
        })}
      </ol>
      <OwnSteps />
    </div>
  );
}
