import * as Progress from "@radix-ui/react-progress";
import { useEffect, useRef } from "react";
import { Button } from "../parts/Button";
import type { BackupWork } from "./useBackup";

const WHOLE = 100;

/** How far a backup has come, and the way out of it. */
export function BackupProgress({ work }: { work: BackupWork | null }) {
  const box = useRef<HTMLDivElement | null>(null);
  const begun = work !== null;
  /* It begins below what was pressed, at the foot of the page. Some browsers answer with a promise, which is no way to clean up. */
  useEffect(() => {
    box.current?.scrollIntoView({ block: "nearest" });
  }, [begun]);
  if (!work) return null;
  const percent = work.share === null ? null : Math.round(work.share * WHOLE);
  return (
    <div ref={box} className="mt-2 flex flex-wrap items-center gap-3">
      <span id="backup-work">
        {work.what}
        {percent !== null && `: ${percent}%`}
      </span>
      <Progress.Root
        value={percent}
        aria-labelledby="backup-work"
        className="bg-sunken border-rule h-3 grow basis-40 overflow-hidden rounded-full border"
      >
        <Progress.Indicator asChild>
          <svg viewBox="0 0 100 1" preserveAspectRatio="none" className="block size-full" aria-hidden>
            <rect width={percent ?? 0} height="1" className="fill-accent" />
          </svg>
        </Progress.Indicator>
      </Progress.Root>
      <Button onClick={work.cancel}>Cancel</Button>
    </div>
  );
}
