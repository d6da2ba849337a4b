import { useQuery } from "@tanstack/react-query";
import { api } from "../api/client";
import { Button } from "../parts/Button";
import { Sheet } from "../parts/Sheet";
import { useBench, useBenchStore } from "../state/useBench";

/** All saved states of the project; an older one can be made the newest again. */
export function Revisions({ open, onOpenChange }: { open: boolean; onOpenChange(open: boolean): void }) {
  const project = useBench((b) => b.project);
  const store = useBenchStore();
  const list = useQuery({
    queryKey: ["revisions", project?.id, project?.version],
    queryFn: () => api.revisions(project?.id ?? ""),
    enabled: open && project !== null,
  });

  async function restore(number: number) {
    await store.saveNow();
    const now = store.get().project;
    if (!now) return;
    const restored = await api.restore(now.id, number, now.version);
    await store.open(restored);
    onOpenChange(false);
  }

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
      {list.error && <p role="alert">{list.error.message}</p>}
    </Sheet>
  );
}
