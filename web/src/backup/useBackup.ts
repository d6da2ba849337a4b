import { useRef, useState } from "react";
import { api, backupFile, Problem } from "../api/client";
import type { BackupJob } from "../api/types";
import { useAttempt } from "../state/useAttempt";

const ASKED_EVERY = 250;

/** How far a backup has come, of 1; unknown at first. */
export interface BackupWork {
  what: string;
  share: number | null;
  cancel(): void;
}

const pause = () => new Promise((go) => setTimeout(go, ASKED_EVERY));

/** Writes everything into one file, or brings it back, and tells how far it has come. */
export function useBackup(onRestored: () => void) {
  const { trouble, busy, attempt } = useAttempt();
  const [work, setWork] = useState<BackupWork | null>(null);
  const [said, setSaid] = useState<string | null>(null);
  const link = useRef<HTMLAnchorElement>(null);

  async function followed(begun: BackupJob, what: string): Promise<BackupJob> {
    let job = begun;
    const cancel = () => void api.cancelBackup(begun.id);
    while (job.state === "RUNNING") {
      setWork({ what, share: job.all > 0 ? job.done / job.all : null, cancel });
      await pause();
      job = await api.backupJob(job.id);
    }
    if (job.state === "FAILED") throw new Problem({ title: "Failed", detail: job.says, status: 422 });
    return job;
  }

  async function run(job: () => Promise<void>) {
    setSaid(null);
    await attempt(job);
    setWork(null);
  }

  const write = () =>
    run(async () => {
      const job = await followed(await api.writeBackup(), "Writing the backup");
      if (job.state === "CANCELLED") return setSaid("Cancelled. There is no file.");
      if (link.current) {
        link.current.href = backupFile(job.id);
        link.current.click();
      }
      setSaid("The backup is ready; your browser saves it.");
    });

  const restore = (zip: File) =>
    run(async () => {
      const sending = new AbortController();
      const cancel = () => sending.abort();
      setWork({ what: "Reading the file", share: null, cancel });
      const begun = await api.bringBack(
        zip,
        (share) => setWork({ what: "Reading the file", share, cancel }),
        sending.signal,
      );
      if (!begun) return setSaid("Cancelled. Nothing was changed.");
      const job = await followed(begun, "Bringing it back");
      setSaid(job.says);
      if (job.state === "DONE") onRestored();
    });

  return { trouble, busy, work, said, link, write, restore };
}
