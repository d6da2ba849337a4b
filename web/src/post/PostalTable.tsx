import { useState, type FormEvent } from "react";
import { api } from "../api/client";
import type { PostalClass, PostalClassContent } from "../api/types";
import { Button } from "../parts/Button";
import { Field } from "../parts/Field";
import { Trouble } from "../parts/Trouble";
import { pretty } from "../state/lengths";
import { readRow } from "./row";
import { usePostAttempt, usePostalClasses } from "./usePosting";

/** The postal table: rows are changed, added and struck out, one at a time. */
export function PostalTable() {
  const rows = usePostalClasses();
  const { trouble, attempt } = usePostAttempt();
  const [edited, setEdited] = useState<string | null>(null);
  const [gone, setGone] = useState<PostalClass | null>(null);
  const done = () => setEdited(null);
  return (
    <>
      {gone && (
        <p role="status" className="m-0 flex items-center gap-2">
          {gone.content.service}, {gone.content.name} is struck out.
          <Button
            onClick={() =>
              void attempt(() => api.restorePostalClass(gone.id)).then((ok) => ok && setGone(null))
            }
          >
            Bring it back
          </Button>
        </p>
      )}
      <ul className="m-0 list-none p-0 text-base" aria-label="Postal classes">
        {rows.map((row) => (
          <li key={row.id} className="border-rule border-t py-1">
            {edited === row.id ? (
              <RowForm
                content={row.content}
                trouble={trouble}
                onCancel={done}
                onDone={(content) =>
                  void attempt(() => api.changePostalClass(row.id, row.version, content)).then(
                    (ok) => ok && done(),
                  )
                }
              />
            ) : (
              <span className="flex items-center gap-2">
                <span className="grow leading-tight">
                  {row.content.service}: <b>{row.content.name}</b>
                  {row.content.price && `, paid ${row.content.price}`}
                  <span className="text-quiet block text-sm">{limits(row.content)}</span>
                </span>
                <Button
                  className="shrink-0"
                  aria-label={`Change ${row.content.service}, ${row.content.name}`}
                  onClick={() => setEdited(row.id)}
                >
                  Change
                </Button>
                <Button
                  className="shrink-0"
                  aria-label={`Strike out ${row.content.service}, ${row.content.name}`}
                  onClick={() =>
                    void attempt(() => api.strikePostalClass(row.id, row.version)).then(
                      (ok) => ok && setGone(row),
                    )
                  }
                >
                  Strike out
                </Button>
              </span>
            )}
          </li>
        ))}
      </ul>
      {edited === "new" ? (
        <RowForm
          trouble={trouble}
          onCancel={done}
          onDone={(content) => void attempt(() => api.addPostalClass(content)).then((ok) => ok && done())}
        />
      ) : (
        <Button className="mt-2" onClick={() => setEdited("new")}>
          Add a class
        </Button>
      )}
      {edited === null && <Trouble text={trouble} />}
    </>
  );
}

const limits = (c: PostalClassContent) =>
  [
    c.leastLong && `from ${pretty(c.leastLong)} × ${pretty(c.leastShort ?? "")}`,
    `up to ${pretty(c.mostLong)} × ${pretty(c.mostShort)}, ${pretty(c.thickness)}, ${c.grams} g`,
    c.aspectLeast && `long to short side ${c.aspectLeast} to ${c.aspectMost}`,
    `${c.origin}, ${c.asOf}`,
  ]
    .filter(Boolean)
    .join("; ");

interface RowFormProps {
  content?: PostalClassContent;
  trouble: string | null;
  onCancel(): void;
  onDone(content: PostalClassContent): void;
}

function RowForm({ content, trouble, onCancel, onDone }: RowFormProps) {
  function submit(e: FormEvent<HTMLFormElement>) {
    e.preventDefault();
    onDone(readRow(new FormData(e.currentTarget)));
  }
  return (
    <form
      className="bg-sunken flex flex-wrap items-end gap-2 rounded-md p-2"
      onSubmit={submit}
      aria-label="Postal class"
    >
      <Field label="Service" name="service" defaultValue={content?.service} className="w-40" />
      <Field label="Class" name="name" defaultValue={content?.name} className="w-40" />
      <Field
        label="Price paid"
        name="price"
        defaultValue={content?.price ?? ""}
        maxLength={20}
        className="w-32"
      />
      <Field label="Longest" name="mostLong" defaultValue={content?.mostLong} className="w-24" />
      <Field label="Widest" name="mostShort" defaultValue={content?.mostShort} className="w-24" />
      <Field label="Thickest" name="thickness" defaultValue={content?.thickness} className="w-24" />
      <Field
        label="Heaviest, g"
        name="grams"
        type="number"
        min={1}
        max={5000}
        step="any"
        required
        defaultValue={content?.grams}
        className="w-24"
      />
      <Field
        label="Long side at least"
        name="leastLong"
        defaultValue={content?.leastLong ?? ""}
        className="w-28"
      />
      <Field
        label="Short side at least"
        name="leastShort"
        defaultValue={content?.leastShort ?? ""}
        className="w-28"
      />
      <Field
        label="Long to short, from"
        name="aspectLeast"
        type="number"
        min={1}
        step="any"
        defaultValue={content?.aspectLeast ?? ""}
        className="w-28"
      />
      <Field
        label="to"
        name="aspectMost"
        type="number"
        min={1}
        step="any"
        defaultValue={content?.aspectMost ?? ""}
        className="w-24"
      />
      <Field label="Where from" name="origin" defaultValue={content?.origin} className="w-44" />
      <Field
        label="As of"
        name="asOf"
        type="date"
        required
        defaultValue={content?.asOf ?? today()}
        className="w-40"
      />
      <span className="flex gap-2">
        <Button type="submit" look="strong">
          Keep
        </Button>
        <Button onClick={onCancel}>Leave as it was</Button>
      </span>
      <Trouble text={trouble} />
    </form>
  );
}

const today = () => new Date().toISOString().slice(0, 10);
