import { CircleAlert, Info, OctagonX } from "lucide-react";
import { Button } from "../parts/Button";
import { useBenchStore, usePlan } from "../state/useBench";
import type { Mark } from "./marks";

const LOOKS = {
  STOP: { icon: OctagonX, word: "Stop", look: "border-stop bg-stop-soft" },
  WARNING: { icon: CircleAlert, word: "Mind", look: "border-warn bg-warn-soft" },
  NOTE: { icon: Info, word: "Note", look: "border-rule bg-raised" },
};

/** What will go wrong at the table, each with its place and, where one was found, a fix to apply. */
export function Snags({ onMark }: { onMark(mark: Mark | null): void }) {
  const snags = usePlan((p) => p.snags);
  const store = useBenchStore();
  if (snags.length === 0) return <p className="text-quiet">Nothing to mind: cut away.</p>;
  return (
    <ul className="m-0 flex list-none flex-col gap-2 p-0">
      {snags.map((snag, i) => {
        const { icon: Icon, word, look } = LOOKS[snag.severity];
        const mark = () => onMark({ kind: snag.kind, id: snag.place });
        return (
          <li
            key={i}
            className={`rounded-md border-l-4 px-2.5 py-1.5 text-[0.95rem] ${look}`}
            onMouseEnter={mark}
            onMouseLeave={() => onMark(null)}
            onFocus={mark}
            onBlur={() => onMark(null)}
          >
            <p className="m-0 flex gap-2">
              <Icon aria-hidden size={18} className="mt-0.5 shrink-0" />
              <span>
                <b>{word}.</b> {snag.text}
              </span>
            </p>
            {snag.fixes.length > 0 && (
              <p className="m-0 mt-1 flex flex-wrap gap-1.5 pl-6">
                {snag.fixes.map((fix) => (
                  <Button key={fix.label} onClick={() => void store.change(fix.brief)}>
                    {fix.label}
                  </Button>
                ))}
              </p>
            )}
          </li>
        );
      })}
    </ul>
  );
}
