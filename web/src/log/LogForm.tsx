import { useQuery } from "@tanstack/react-query";
import { Camera } from "lucide-react";
import { useRef, useState } from "react";
import { api } from "../api/client";
import type { LogContent } from "../api/types";
import { readPhoto } from "../papers/photo";
import { Button } from "../parts/Button";
import { Field } from "../parts/Field";
import { Trouble } from "../parts/Trouble";
import { useAttempt } from "../state/useAttempt";

interface LogFormProps {
  content: LogContent;
  /** What the button says. */
  words: string;
  onCancel(): void;
  /** Rejects with the server's reason if it was refused; what was typed then stays. */
  onKeep(content: LogContent, photos: string[]): Promise<void>;
}

const names = (text: string) =>
  text
    .split(/[,;\n]/)
    .map((n) => n.trim())
    .filter(Boolean);

/** What is remembered of a card. */
export function LogForm({ content, words, onCancel, onKeep }: LogFormProps) {
  const [draft, setDraft] = useState(content);
  const [recipients, setRecipients] = useState(content.recipients.join(", "));
  const [papers, setPapers] = useState(content.papers.join("\n"));
  const [minutes, setMinutes] = useState(content.minutes?.toString() ?? "");
  const [photos, setPhotos] = useState<string[]>([]);
  const { trouble, busy, attempt } = useAttempt();
  const file = useRef<HTMLInputElement>(null);
  const got = names(recipients);
  const given = useQuery({
    queryKey: ["given", draft.project, draft.card, got],
    queryFn: () => api.given(draft.project ?? null, draft.card, got),
    enabled: got.length > 0,
  });
  const before = (given.data ?? []).filter(
    (g) => g.madeOn !== content.madeOn || !content.recipients.includes(g.recipient),
  );
  const set = (part: Partial<LogContent>) => setDraft((d) => ({ ...d, ...part }));

  const keep = () =>
    attempt(() =>
      onKeep(
        {
          ...draft,
          recipients: got,
          papers: papers
            .split("\n")
            .map((p) => p.trim())
            .filter(Boolean),
          minutes: minutes.trim() === "" ? null : Math.round(Number(minutes)),
        },
        photos,
      ),
    );
  return (
    <form
      aria-label="What was made"
      className="grid gap-3 sm:grid-cols-2"
      onSubmit={(e) => {
        e.preventDefault();
        void keep();
      }}
    >
      <Field label="Card" value={draft.card} required onChange={(e) => set({ card: e.target.value })} />
      <Field
        label="Made on"
        type="date"
        value={draft.madeOn}
        required
        onChange={(e) => set({ madeOn: e.target.value })}
      />
      <Field
        label="For whom (commas between)"
        value={recipients}
        onChange={(e) => setRecipients(e.target.value)}
      />
      <Field label="Occasion" value={draft.occasion} onChange={(e) => set({ occasion: e.target.value })} />
      {before.length > 0 && (
        <p
          role="alert"
          className="border-warn bg-warn-soft m-0 rounded-md border-l-4 px-3 py-1.5 sm:col-span-2"
        >
          {before.map((g) => `${g.recipient} got “${g.card}” on ${g.madeOn}.`).join(" ")}
        </p>
      )}
      <Field
        label="How many"
        type="number"
        min={1}
        max={500}
        value={draft.cards}
        onChange={(e) => set({ cards: Math.round(Number(e.target.value) || 1) })}
      />
      <Field
        label="Minutes it took"
        type="number"
        min={0}
        value={minutes}
        onChange={(e) => setMinutes(e.target.value)}
      />
      <Field label="Envelope" value={draft.envelope} onChange={(e) => set({ envelope: e.target.value })} />
      <Field label="Postage" value={draft.postage} onChange={(e) => set({ postage: e.target.value })} />
      <Lines label="Papers used up, a line each" value={papers} onChange={setPapers} />
      <Lines label="Next time" value={draft.changeNext} onChange={(changeNext) => set({ changeNext })} />
      {draft.measured.length > 0 && (
        <p className="text-quiet m-0 text-base sm:col-span-2">
          Measured: {draft.measured.map((m) => `${m.label} ${m.value} (planned ${m.planned})`).join(", ")}.
        </p>
      )}
      <div className="sm:col-span-2">
        <input
          ref={file}
          type="file"
          accept="image/png,image/jpeg"
          multiple
          aria-label="Photographs of the card"
          className="sr-only"
          onChange={(e) => {
            const files = [...(e.target.files ?? [])];
            e.target.value = "";
            void attempt(async () => {
              const read = await Promise.all(files.map(readPhoto));
              setPhotos((p) => [...p, ...read]);
            });
          }}
        />
        <div className="flex flex-wrap items-end gap-2">
          {photos.map((p, i) => (
            <button
              key={i}
              type="button"
              aria-label={`Leave photograph ${i + 1} out`}
              onClick={() => setPhotos((all) => all.filter((_, k) => k !== i))}
            >
              <img src={`data:image/jpeg;base64,${p}`} alt="" className="border-rule h-24 rounded border" />
            </button>
          ))}
          <Button onClick={() => file.current?.click()}>
            <Camera aria-hidden size={16} /> Add photographs
          </Button>
        </div>
      </div>
      <Trouble text={trouble} />
      <div className="flex gap-2 sm:col-span-2">
        <Button type="submit" look="strong" disabled={busy} className="min-h-11 text-base">
          {words}
        </Button>
        <Button onClick={onCancel} className="min-h-11 text-base">
          Not now
        </Button>
      </div>
    </form>
  );
}

function Lines({ label, value, onChange }: { label: string; value: string; onChange(text: string): void }) {
  return (
    <label className="text-quiet flex flex-col text-sm">
      {label}
      <textarea
        rows={3}
        value={value}
        onChange={(e) => onChange(e.target.value)}
        className="border-rule bg-ground text-ink rounded-md border px-2 py-1 text-base"
      />
    </label>
  );
}
