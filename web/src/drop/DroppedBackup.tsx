import { useQueryClient } from "@tanstack/react-query";
import { BackupProgress } from "../backup/BackupProgress";
import { useBackup } from "../backup/useBackup";
import { Button } from "../parts/Button";
import { Trouble } from "../parts/Trouble";

/** A backup that was let go over the window: brought back if the maker says so. */
export function DroppedBackup({ zip, onLeft }: { zip: File; onLeft(): void }) {
  const queries = useQueryClient();
  const { trouble, busy, work, said, restore } = useBackup(() => void queries.invalidateQueries());
  const isOver = said !== null || trouble !== null;
  return (
    <div
      role="alertdialog"
      aria-label="Bring a backup back"
      className="bg-raised border-accent fixed bottom-4 left-1/2 z-50 flex max-w-[92vw] -translate-x-1/2 flex-wrap items-center gap-3 rounded-md border-2 px-4 py-3 shadow-lg"
    >
      <span role="status">
        {said ?? `Bring back everything in “${zip.name}”? Nothing that is here is taken away.`}
      </span>
      <Trouble text={trouble} />
      <BackupProgress work={work} />
      {!isOver && (
        <Button look="strong" disabled={busy} onClick={() => void restore(zip)}>
          Bring it back
        </Button>
      )}
      <Button disabled={busy} onClick={onLeft}>
        {isOver ? "All right" : "Leave it"}
      </Button>
    </div>
  );
}
