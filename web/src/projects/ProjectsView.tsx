import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Copy, Plus, Trash2 } from "lucide-react";
import { useEffect, useState } from "react";
import { Link, useNavigate } from "react-router";
import { api, pictureAddress } from "../api/client";
import type { ProjectSummary, Units } from "../api/types";
import { counted } from "../parts/counted";
import { Button } from "../parts/Button";
import { StoreTrouble } from "../parts/StoreTrouble";
import { TopBar } from "../parts/TopBar";
import { BackupPanel } from "../backup/BackupPanel";
import { startingBrief } from "./starting";
import { useAttempt } from "../state/useAttempt";

const LOOK_AGAIN_MS = 3000;

/** Saved by an earlier version, and not worked out by this one yet. */
const isPending = (p: ProjectSummary) => !p.fold && !p.reason;

/** What becomes of a project's brief, in a line. */
function becomes(p: ProjectSummary): string {
  if (!p.fold) return p.reason ? `needs mending: ${p.reason}` : "being worked out …";
  const closed = p.closed ? `${p.closed} closed` : "does not fold flat";
  return [p.fold, closed, p.envelope && `for ${p.envelope}`].filter(Boolean).join(", ");
}

/** All projects: open, begin, copy, rename on the bench, delete with a way back. */
export function ProjectsView() {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const projects = useQuery({
    queryKey: ["projects"],
    queryFn: api.projects,
    refetchInterval: (query) =>
      query.state.error || query.state.data?.some(isPending) ? LOOK_AGAIN_MS : false,
  });
  const [deleted, setDeleted] = useState<ProjectSummary | null>(null);
  const { trouble, attempt } = useAttempt("projects");
  useEffect(() => {
    document.title = "Projects · Vantbreeze";
  }, []);

  const begin = (units: Units) =>
    attempt(async () => {
      const tools = (await api.ownTools()).find((t) => t.units === units)?.tools;
      const project = await api.create("Untitled card", startingBrief(units, tools));
      await navigate(`/bench/${project.id}`);
    });
  const remove = (p: ProjectSummary) =>
    attempt(async () => {
      await api.remove(p.id, p.version);
      setDeleted(p);
    });
  const bringBack = (p: ProjectSummary) =>
    attempt(async () => {
      await api.undelete(p.id);
      setDeleted(null);
    });

  return (
    <>
      <TopBar />
      <StoreTrouble />
      <main className="mx-auto max-w-4xl px-4 py-6">
        <div className="mb-4 flex flex-wrap items-center gap-2">
          <h1 className="font-title m-0 grow text-3xl font-normal">On your table</h1>
          <Button look="strong" onClick={() => void begin("INCH")}>
            <Plus aria-hidden size={16} /> New card in inches
          </Button>
          <Button look="strong" onClick={() => void begin("METRIC")}>
            <Plus aria-hidden size={16} /> New card in millimetres
          </Button>
        </div>
        {deleted && (
          <p role="status" className="bg-sunken flex items-center gap-3 rounded-md px-3 py-2">
            <span className="grow">“{deleted.name}” is deleted.</span>
            <Button onClick={() => void bringBack(deleted)}>Bring it back</Button>
          </p>
        )}
        {trouble && (
          <p role="alert" className="border-stop bg-stop-soft rounded-md border-l-4 px-3 py-2">
            {trouble}
          </p>
        )}
        <ul className="m-0 flex list-none flex-col gap-2 p-0">
          {projects.data?.map((p) => (
            <li
              key={p.id}
              className="border-rule bg-raised flex flex-wrap items-center gap-3 rounded-lg border px-4 py-3"
            >
              <Link
                to={`/bench/${p.id}`}
                aria-hidden
                tabIndex={-1}
                className="block h-[100px] w-[160px] shrink-0"
              >
                {p.closed && (
                  <img
                    src={pictureAddress(p.id, p.version)}
                    alt=""
                    width={160}
                    height={100}
                    loading="lazy"
                    onError={(e) => (e.currentTarget.style.visibility = "hidden")}
                  />
                )}
              </Link>
              <Link to={`/bench/${p.id}`} className="min-w-0 flex-1 basis-60 no-underline">
                <span
                  dir="auto"
                  className="font-title text-accent block text-xl underline decoration-1 underline-offset-4"
                >
                  {p.name}
                </span>
                <span className={p.reason ? "text-stop text-base" : "text-base"}>{becomes(p)}</span>{" "}
                {p.snags > 0 && <span className="text-warn font-bold">{counted(p.snags, "snag")}</span>}
                <span className="text-quiet block text-sm">
                  changed {new Date(p.updatedAt).toLocaleString()}
                </span>
              </Link>
              <Button aria-label={`Copy ${p.name}`} onClick={() => void attempt(() => api.copy(p.id))}>
                <Copy aria-hidden size={16} /> Copy
              </Button>
              <Button aria-label={`Delete ${p.name}`} onClick={() => void remove(p)}>
                <Trash2 aria-hidden size={16} /> Delete
              </Button>
            </li>
          ))}
        </ul>
        <BackupPanel onRestored={() => void queries.invalidateQueries()} />
        {projects.data?.length === 0 && <p className="text-lg">Nothing here yet. Begin with a new card.</p>}
        {projects.isPending && <p className="text-lg">Fetching your cards …</p>}
        {projects.error && (
          <p role="alert" className="border-stop bg-stop-soft rounded-md border-l-4 px-3 py-2">
            Your cards cannot be shown now. {projects.error.message} They are looked for again by themselves.
          </p>
        )}
      </main>
    </>
  );
}
