import { useQuery } from "@tanstack/react-query";
import { ArrowDown, ArrowUp, Plus, Trash2 } from "lucide-react";
import { useState } from "react";
import { api } from "../api/client";
import type { Adhesive, ToolSet } from "../api/types";
import { Button } from "../parts/Button";
import { Field } from "../parts/Field";
import { swapped } from "../parts/order";
import { TickWord } from "../parts/TickWord";
import { Trouble } from "../parts/Trouble";
import { useAttempt } from "../state/useAttempt";
import { freshAdhesive, inWords, QUALITIES, toggled, USES } from "./adhesives";

/** What the maker glues with, what is reached for first at the top: new cards begin with it. */
export function Adhesives() {
  const sets = useQuery({ queryKey: ["own-tools"], queryFn: api.ownTools });
  const { trouble, attempt } = useAttempt("own-tools");
  const [open, setOpen] = useState<string | null>(null);
  const [set] = sets.data ?? [];
  if (!set) return null;
  const list = set.tools.adhesives ?? [];
  const keep = (adhesives: Adhesive[]) => void attempt(() => api.changeTools(changed(set, adhesives)));
  const put = (i: number, part: Partial<Adhesive>) =>
    keep(list.map((a, j) => (j === i ? { ...a, ...part } : a)));
  return (
    <>
      <h2 className="font-title text-quiet m-0 mb-1 text-lg font-normal">Your adhesives</h2>
      <p className="text-quiet m-0 mb-2 text-sm">
        For each joint a new card takes the first of them that is good for it and holds on its papers. Times
        are common practice: the label counts.
      </p>
      <ol className="m-0 list-none p-0" aria-label="Your adhesives">
        {list.map((adhesive, i) => (
          <li key={adhesive.key} className="border-rule border-t py-1 first:border-t-0">
            <button
              type="button"
              aria-expanded={open === adhesive.key}
              onClick={() => setOpen(open === adhesive.key ? null : adhesive.key)}
              className="hover:bg-accent-soft min-h-9 w-full rounded px-1 text-left text-base"
            >
              <b>{adhesive.name}</b> {inWords(adhesive)}
            </button>
            {open === adhesive.key && (
              <>
                <div className="flex flex-wrap items-end gap-2">
                  <Field
                    label="Name"
                    key={`${adhesive.name} name`}
                    defaultValue={adhesive.name}
                    maxLength={40}
                    className="w-44"
                    onBlur={(e) => e.target.value !== adhesive.name && put(i, { name: e.target.value })}
                  />
                  <NumberField
                    label="Grips after, s"
                    most={3600}
                    value={adhesive.gripSeconds}
                    onChange={(gripSeconds) => put(i, { gripSeconds })}
                  />
                  <NumberField
                    label="Dry after, min"
                    most={1440}
                    value={adhesive.minutes}
                    onChange={(minutes) => put(i, { minutes })}
                  />
                  <span className="flex gap-1.5">
                    <Button
                      aria-label={`Reach for ${adhesive.name} earlier`}
                      disabled={i === 0}
                      onClick={() => keep(swapped(list, i - 1))}
                    >
                      <ArrowUp aria-hidden size={16} />
                    </Button>
                    <Button
                      aria-label={`Reach for ${adhesive.name} later`}
                      disabled={i === list.length - 1}
                      onClick={() => keep(swapped(list, i))}
                    >
                      <ArrowDown aria-hidden size={16} />
                    </Button>
                    <Button
                      aria-label={`Take ${adhesive.name} off the list`}
                      disabled={list.length === 1}
                      onClick={() => keep(list.filter((_, j) => j !== i))}
                    >
                      <Trash2 aria-hidden size={16} />
                    </Button>
                  </span>
                </div>
                <p className="m-0 mt-1 flex flex-wrap gap-x-4">
                  {USES.map(({ use, word }) => (
                    <TickWord
                      key={use}
                      label={word}
                      title={`${adhesive.name}: good for ${word}`}
                      checked={adhesive.uses.includes(use)}
                      onChange={() => put(i, { uses: toggled(adhesive.uses, use) })}
                    />
                  ))}
                </p>
                <p className="text-quiet m-0 flex flex-wrap gap-x-4">
                  {QUALITIES.map(({ quality, word }) => (
                    <TickWord
                      key={quality}
                      label={word}
                      title={`${adhesive.name}: ${word}`}
                      checked={adhesive.qualities.includes(quality)}
                      onChange={() => put(i, { qualities: toggled(adhesive.qualities, quality) })}
                    />
                  ))}
                </p>
              </>
            )}
          </li>
        ))}
      </ol>
      <Button onClick={() => keep([...list, freshAdhesive(list)])}>
        <Plus aria-hidden size={16} /> Another adhesive
      </Button>
      <Trouble text={trouble} />
    </>
  );
}

const changed = (set: ToolSet, adhesives: Adhesive[]): ToolSet => ({
  ...set,
  tools: { ...set.tools, adhesives },
});

interface NumberFieldProps {
  label: string;
  most: number;
  value: number;
  onChange(value: number): void;
}

/** A whole number, taken once the field is left. */
const NumberField = ({ label, most, value, onChange }: NumberFieldProps) => (
  <Field
    label={label}
    key={value}
    type="number"
    min={0}
    max={most}
    defaultValue={value}
    className="w-24"
    onBlur={(e) => Number(e.target.value) !== value && onChange(Number(e.target.value))}
  />
);
