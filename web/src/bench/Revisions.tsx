import { useQuery } from "@tanstack/react-query";
import { api } from "../api/client";
import { Button } from "../parts/Button";
import { Sheet } from "../parts/Sheet";
import { useBench, useBenchStore } from "../state/useBench";
import { useAttempt } from "../state/useAttempt";
import { Trouble } from "../parts/Trouble";

/** All saved states of the project; an older one can be made the newest again. */
export function Revisions({ open, onOpenChange }: { open: boolean; onOpenChange(open: boolean): void }) {
  const project = useBench((b) => b.project);
  const store = useBenchStore();
  const { trouble, attempt } = useAttempt("revisions");
  const list = useQuery({
    queryKey: ["revisions", project?.id, project?.version],
    queryFn: () => api.revisions(project?.id ?? ""),
    enabled: open && project !== null,
  });

  const restore = (number: number) =>
    attempt(async () => {
      await store.saveNow();
      const { project: now, save } = store.get();
      if (!now) return;
      if (save !== "saved")
        throw new Error("What you changed last is not saved yet: first that, then the way back.");
      await store.open(await api.restore(now.id, number, now.version));
      onOpenChange(false);
    });
  return (
    <Sheet
      title="Revisions"
      text="Every save is kept. Restoring one adds it on top; nothing is lost."
      open={open}
      onOpenChange={onOpenChange}
    >
      <ol className="m-0 list-none p-0">
        {list.data?.map((r) => (
          <li key={r.number} className="border-rule flex items-center gap-3 border-t py-1.5">
            <span className="w-8 font-bold">{r.number}</span>
            <span className="grow">
              {[r.fold, r.closed].filter(Boolean).join(", ")}
              <span className="text-quiet block text-sm">{new Date(r.savedAt).toLocaleString()}</span>
            </span>
            {r.number === project?.revision ? (
              <span className="text-quiet text-sm">now</span>
            ) : (
              <Button onClick={() => void restore(r.number)}>Restore</Button>
            )}
          </li>
        ))}
      </ol>
      <Trouble text={trouble ?? list.error?.message ?? null} />
    </Sheet>
  );
}
