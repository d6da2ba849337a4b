import { useQuery } from "@tanstack/react-query";
import { Download, Upload } from "lucide-react";
import { useRef } from "react";
import { api } from "../api/client";
import { Button } from "../parts/Button";
import { Trouble } from "../parts/Trouble";
import { BackupProgress } from "./BackupProgress";
import { useBackup } from "./useBackup";

/** Everything that is kept, out as one file and in again; and when it was copied last by itself. */
export function BackupPanel({ onRestored }: { onRestored(): void }) {
  const store = useQuery({ queryKey: ["store"], queryFn: api.store });
  const file = useRef<HTMLInputElement>(null);
  const { trouble, busy, work, said, link, write, restore } = useBackup(onRestored);
  return (
    <section aria-label="Backup" className="border-rule mt-6 border-t pt-3">
      <div className="flex flex-wrap items-center gap-3">
        <p className="text-quiet m-0 grow basis-80">
          {store.data?.newestCopy
            ? `Copied by itself on ${new Date(`${store.data.newestCopy}T12:00`).toLocaleDateString()}; the last seven days are kept in ${store.data.copies}.`
            : "It is copied by itself every day it is used; the last seven copies are kept."}
        </p>
        <Button disabled={busy} onClick={() => void write()}>
          <Download aria-hidden size={16} /> Save a backup
        </Button>
        <a ref={link} download hidden>
          The backup
        </a>
        <input
          ref={file}
          type="file"
          accept=".zip,application/zip"
          aria-label="Backup file"
          className="sr-only"
          onChange={(e) => {
            const chosen = e.target.files?.[0];
            e.target.value = "";
            if (chosen) void restore(chosen);
          }}
        />
        <Button disabled={busy} onClick={() => file.current?.click()}>
          <Upload aria-hidden size={16} /> Bring a backup back
        </Button>
      </div>
      <BackupProgress work={work} />
      {said && (
        <p role="status" className="bg-sunken m-0 mt-2 rounded-md px-3 py-2">
          {said}
        </p>
      )}
      <Trouble text={trouble} />
    </section>
  );
}
