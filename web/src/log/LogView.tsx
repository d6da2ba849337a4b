import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { useNavigate, useSearchParams } from "react-router";
import { api, photoAddress } from "../api/client";
import type { LogEntry } from "../api/types";
import { Button } from "../parts/Button";
import { StoreTrouble } from "../parts/StoreTrouble";
import { TopBar } from "../parts/TopBar";
import { Trouble } from "../parts/Trouble";
import { ChoiceWord } from "../parts/ChoiceWord";
import { choicesOf, filtered, type LogFilter } from "./filters";
import { HandsPanel } from "./HandsPanel";
import { LogForm } from "./LogForm";
import { byRecipient } from "./recipients";
import { useAttempt } from "../state/useAttempt";

/** What was made, for whom, and what was learnt. */
export function LogView() {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [address, setAddress] = useSearchParams();
  const words = address.get("words") ?? "";
  const log = useQuery({
    queryKey: ["log", words],
    queryFn: () => api.log(words),
    placeholderData: (before) => before,
  });
  const [edited, setEdited] = useState<string | null>(null);
  const [gone, setGone] = useState<LogEntry | null>(null);
  const { trouble, attempt } = useAttempt("log", "hands");
  useEffect(() => {
    document.title = "Logbook · Vantbreeze";
  }, []);

  const all = log.data ?? [];
  const filter = {
    fold: address.get("fold") ?? "",
    year: address.get("year") ?? "",
    occasion: address.get("occasion") ?? "",
    person: address.get("person") ?? "",
  };
  const entries = filtered(all, filter);
  const isPicked = entries.length < all.length;
  function look(change: Record<string, string>) {
    const next = new URLSearchParams(address);
    for (const [key, value] of Object.entries(change))
      if (value) next.set(key, value);
      else next.delete(key);
    setAddress(next, { replace: true });
  }
  const who = byRecipient(entries);
  return (
    <>
      <StoreTrouble />
      <TopBar />
      <main className="mx-auto grid max-w-[1400px] gap-5 px-4 py-3 lg:grid-cols-[minmax(0,1fr)_22rem]">
        <div className="flex min-w-0 flex-col gap-3">
          <div className="flex flex-wrap items-center gap-3">
            <h1 className="font-title m-0 text-2xl">Logbook</h1>
            <input
              type="search"
              aria-label="Look for"
              placeholder="a name, a fold, an occasion, a paper …"
              defaultValue={words}
              onChange={(e) => look({ words: e.target.value })}
              className="border-rule bg-raised min-h-10 grow rounded-md border px-3 text-base"
            />
            <span className="text-quiet">
              {entries.length === 1 ? "1 entry" : `${entries.length} entries`}
            </span>
          </div>
          <FilterWords entries={all} filter={filter} onPick={look} />
          <Trouble text={trouble} />
          {gone && (
            <p role="status" className="bg-sunken m-0 flex items-center gap-3 rounded-md px-3 py-2">
              <span className="grow">“{gone.content.card}” is out of the logbook.</span>
              <Button
                onClick={() =>
                  void attempt(() => api.takeBackLog(gone.id)).then((done) => done && setGone(null))
                }
              >
                Put it back
              </Button>
            </p>
          )}
          {log.data && entries.length === 0 && (
            <p className="text-quiet text-lg">
              {isPicked
                ? "Nothing was made like that."
                : words
                  ? "No entry has all of these words."
                  : "Nothing is written down yet. When the last step of a card is done, it can be written into the logbook."}
            </p>
          )}
          <ol aria-label="What was made" className="m-0 flex list-none flex-col gap-3 p-0">
            {entries.map((entry) => (
              <li
                key={entry.id}
                className={`bg-raised rounded-lg border px-4 py-3 ${address.get("entry") === entry.id ? "border-accent border-2" : "border-rule"}`}
              >
                {edited === entry.id ? (
                  <LogForm
                    content={entry.content}
                    words="Keep it so"
                    onCancel={() => setEdited(null)}
                    onKeep={async (content, photos) => {
                      await api.changeLog(entry.id, entry.version, content, photos);
                      await queries.invalidateQueries({ queryKey: ["log"] });
                      setEdited(null);
                    }}
                  />
                ) : (
                  <Entry
                    entry={entry}
                    onEdit={() => setEdited(entry.id)}
                    onDrop={() =>
                      void attempt(() => api.dropLog(entry.id, entry.version)).then(
                        (done) => done && setGone(entry),
                      )
                    }
                    onDropPhoto={(photo) =>
                      void attempt(() => api.dropLogPhoto(entry.id, photo, entry.version))
                    }
                    onAgain={() =>
                      void attempt(async () => {
                        const project = await api.makeAgain(entry.id);
                        void navigate(`/bench/${project.id}`);
                      })
                    }
                  />
                )}
              </li>
            ))}
          </ol>
        </div>
        <aside className="flex flex-col gap-3">
          <HandsPanel />
          <section className="border-rule bg-raised rounded-lg border px-3 py-2">
            <h2 className="font-title text-quiet m-0 mb-1 text-base font-normal">Who got what</h2>
            {who.length === 0 && <p className="text-quiet m-0">Nobody yet.</p>}
            <dl className="m-0">
              {who.map(({ name, cards }) => (
                <div key={name} className="border-rule border-b py-1 last:border-0">
                  <dt className="font-semibold">{name}</dt>
                  {cards.map((c, i) => (
                    <dd key={i} className="m-0 pl-3">
                      {c.card}{" "}
                      <span className="text-quiet">
                        {c.madeOn}
                        {c.occasion && `, ${c.occasion}`}
                      </span>
                    </dd>
                  ))}
                </div>
              ))}
            </dl>
          </section>
        </aside>
      </main>
    </>
  );
}

interface FilterWordsProps {
  entries: LogEntry[];
  filter: LogFilter;
  onPick(change: Partial<LogFilter>): void;
}

/** "Made in any year, of any fold, for any occasion and for anybody", each word a list of what there is. */
function FilterWords({ entries, filter, onPick }: FilterWordsProps) {
  if (entries.length < 2) return null;
  const choices = choicesOf(entries, filter);
  const word = (key: keyof LogFilter, label: string, any: string) => (
    <ChoiceWord
      label={label}
      value={filter[key] || any}
      choices={[any, ...choices[key]].map((c) => ({ value: c, label: c }))}
      onChoose={(c) => onPick({ [key]: c === any ? "" : c })}
    />
  );
  return (
    <p className="m-0 text-lg">
      Made in {word("year", "Year", "any year")}, {word("fold", "Fold made", "any fold")}, for{" "}
      {word("occasion", "Occasion", "any occasion")}, for {word("person", "For whom", "anybody")}.
    </p>
  );
}

interface EntryProps {
  entry: LogEntry;
  onEdit(): void;
  onDrop(): void;
  onDropPhoto(photo: string): void;
  onAgain(): void;
}

function Entry({ entry, onEdit, onDrop, onDropPhoto, onAgain }: EntryProps) {
  const c = entry.content;
  const facts = [
    c.fold,
    c.cards > 1 ? `${c.cards} cards` : "",
    c.minutes ? took(c.minutes) : "",
    c.envelope && `in ${c.envelope}`,
    c.postage && `postage ${c.postage}`,
  ].filter(Boolean);
  return (
    <article aria-label={c.card} className="flex flex-wrap gap-4">
      {entry.photos.length > 0 && (
        <div className="flex gap-2">
          {entry.photos.map((photo, i) => (
            <figure key={photo} className="m-0 flex flex-col items-center">
              <img
                src={photoAddress(photo)}
                alt={`${c.card}, photograph ${i + 1}`}
                className="border-rule h-36 rounded border"
              />
              <button
                type="button"
                className="text-quiet text-sm underline"
                onClick={() => onDropPhoto(photo)}
              >
                take it out
              </button>
            </figure>
          ))}
        </div>
      )}
      <div className="min-w-64 flex-1">
        <h3 className="font-title m-0 text-xl">{c.card}</h3>
        <p className="m-0">
          {c.madeOn}
          {c.occasion && <> · {c.occasion}</>}
          {c.recipients.length > 0 && (
            <>
              {" "}
              · for <b>{c.recipients.join(", ")}</b>
            </>
          )}
        </p>
        <p className="text-quiet m-0">{facts.join(" · ")}</p>
        {c.papers.length > 0 && <p className="text-quiet m-0">Used up: {c.papers.join(", ")}</p>}
        {c.measured.length > 0 && (
          <details>
            <summary className="cursor-pointer">
              {c.measured.length === 1 ? "1 setting" : `${c.measured.length} settings`} measured against the
              plan
            </summary>
            <ul className="m-0 pl-5">
              {c.measured.map((m, i) => (
                <li key={i}>
                  {m.label}: {m.value} for {m.planned}
                </li>
              ))}
            </ul>
          </details>
        )}
        {c.changeNext && (
          <p className="border-accent m-0 mt-1 border-l-4 pl-2">
            <b>Next time:</b> {c.changeNext}
          </p>
        )}
      </div>
      <div className="flex flex-col gap-1.5">
        <Button look="strong" onClick={onAgain}>
          Make it again
        </Button>
        <Button onClick={onEdit}>Change</Button>
        <Button onClick={onDrop}>Take out</Button>
      </div>
    </article>
  );
}

const took = (minutes: number) =>
  minutes < 60
    ? `${minutes} min`
    : `${Math.floor(minutes / 60)} h ${minutes % 60 ? `${minutes % 60} min` : ""}`.trim();
