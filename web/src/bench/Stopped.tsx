import { useQuery } from "@tanstack/react-query";
import type { ReactNode } from "react";
import { Link } from "react-router";
import { api } from "../api/client";
import type { ProblemBody } from "../api/types";
import { Button } from "../parts/Button";
import { StoreTrouble } from "../parts/StoreTrouble";
import { saveAsFile } from "../state/unsaved";
import { useAttempt } from "../state/useAttempt";
import { Trouble } from "../parts/Trouble";

export const asProblem = (error: unknown): ProblemBody => ({
  title: "Something went wrong",
  detail: String(error),
  status: 0,
});

interface StoppedProps {
  id: string;
  trouble: ProblemBody;
  onTryAgain(): void;
  /** Other ways on. */
  children?: ReactNode;
}

/** A project that cannot be laid out: why, what it was as a file, and its earlier states to go back to. */
export function Stopped({ id, trouble, onTryAgain, children }: StoppedProps) {
  const projects = useQuery({ queryKey: ["projects"], queryFn: api.projects, retry: false });
  const revisions = useQuery({ queryKey: ["revisions", id], queryFn: () => api.revisions(id), retry: false });
  const project = projects.data?.find((p) => p.id === id);
  const { saved } = trouble;
  const { trouble: refused, attempt } = useAttempt("projects", "revisions");

  const restore = (number: number) =>
    attempt(async () => {
      if (!project) return;
      await api.restore(id, number, project.version);
      onTryAgain();
    });

  return (
    <>
      <StoreTrouble />
      <main className="mx-auto flex max-w-3xl flex-col gap-3 px-4 py-6">
        <h1 dir="auto" className="font-title m-0 text-2xl font-normal">
          {project?.name ?? "This card"} cannot be laid out
        </h1>
        <p role="alert" className="border-stop bg-stop-soft m-0 rounded-md border-l-4 px-3 py-2">
          {trouble.detail}
        </p>
        <p className="m-0 flex flex-wrap gap-2">
          {children}
          <Button onClick={onTryAgain}>Try again</Button>
          {saved && (
            <Button onClick={() => saveAsFile(project?.name ?? "card", saved)}>Save it as a file</Button>
          )}
          <Link
            to="/projects"
            className="border-rule bg-raised hover:bg-accent-soft inline-flex min-h-9 items-center rounded-md border px-2.5 text-sm font-semibold"
          >
            All projects
          </Link>
        </p>
        {revisions.data && revisions.data.length > 1 && (
          <section aria-label="Earlier states">
            <h2 className="font-title m-0 text-xl font-normal">Earlier states</h2>
            <ol className="m-0 list-none p-0">
              {revisions.data.slice(1).map((r) => (
                <li key={r.number} className="border-rule flex items-center gap-3 border-t py-1.5">
                  <span className="w-8 font-bold">{r.number}</span>
                  <span className="grow">
                    {[r.fold, r.closed].filter(Boolean).join(", ")}
                    <span className="text-quiet block text-sm">{new Date(r.savedAt).toLocaleString()}</span>
                  </span>
                  <Button onClick={() => void restore(r.number)}>Go back to it</Button>
                </li>
              ))}
            </ol>
            <Trouble text={refused} />
          </section>
        )}
      </main>
    </>
  );
}
