import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api } from "../api/client";
import type { Embellishment } from "../api/types";
import { Button } from "../parts/Button";
import { ChoiceWord } from "../parts/ChoiceWord";
import { Trouble } from "../parts/Trouble";
import { opacityOf } from "../paper/surface";
import { useAttempt } from "../state/useAttempt";
import { useBenchStore, usePlan } from "../state/useBench";

const KEY = "embellishments";
const SIZES = [50, 75, 100, 125, 150, 200].map((p) => ({ value: String(p), label: `${p}%` }));

interface EmbellishmentShelfProps {
  /** The ornament that is kept with all that is laid by it. */
  ornament?: string;
  /** The face that one is taken onto. */
  face: string;
  /** How many there were, once more are there. */
  onTaken(): void;
}

/** Embellishments that the maker kept, to be laid onto this card, and what of this card is kept. */
export function EmbellishmentShelf({ ornament, face, onTaken }: EmbellishmentShelfProps) {
  const shelf = useQuery({ queryKey: [KEY], queryFn: api.embellishments }).data ?? [];
  const brief = usePlan((p) => p.brief);
  const store = useBenchStore();
  const { trouble, busy, attempt } = useAttempt(KEY);
  const [percent, setPercent] = useState("100");
  const [gone, setGone] = useState<Embellishment | null>(null);
  const take = async (it: Embellishment) => {
    const done = await attempt(async () => {
      const taken = await api.takeEmbellishment(it.id, brief, face, Number(percent));
      if (!(await store.change((now) => ({ ...now, ornaments: taken.ornaments })))) throw new Error("");
    });
    if (done) onTaken();
  };
  return (
    <section aria-label="Embellishments you kept" className="border-rule mt-3 border-t pt-2">
      <p className="m-0 flex flex-wrap items-center gap-2">
        <b>Your embellishments</b>
        {shelf.length > 0 && (
          <span>
            taken at{" "}
            <ChoiceWord
              label="Size of the embellishment"
              value={percent}
              choices={SIZES}
              onChoose={setPercent}
            />{" "}
            of their size
          </span>
        )}
        {ornament && (
          <Button
            disabled={busy}
            onClick={() => void attempt(() => api.keepEmbellishment(ornament, brief, ornament))}
          >
            Keep “{ornament}” for other cards
          </Button>
        )}
      </p>
      {shelf.length === 0 && (
        <p className="text-quiet m-0">
          Nothing kept yet. A topper is kept with all that is laid by it, and can be taken onto any card.
        </p>
      )}
      <Trouble text={trouble} />
      {gone && (
        <p className="m-0" role="status">
          “{gone.name}” is off the shelf.{" "}
          <Button
            onClick={() =>
              void attempt(() => api.takeBackEmbellishment(gone.id)).then((done) => done && setGone(null))
            }
          >
            Bring it back
          </Button>
        </p>
      )}
      <ul className="m-0 mt-1 flex list-none flex-wrap gap-2 p-0">
        {shelf.map((it) => (
          <li key={it.id} className="border-rule flex w-36 flex-col gap-1 rounded-md border p-2">
            <Picture of={it} />
            <span className="truncate">{it.name}</span>
            <Button
              disabled={busy}
              aria-label={`Take ${it.name} onto this card`}
              onClick={() => void take(it)}
            >
              Take it
            </Button>
            <Button
              disabled={busy}
              aria-label={`Take ${it.name} off the shelf`}
              onClick={() =>
                void attempt(() => api.dropEmbellishment(it.id)).then((done) => done && setGone(it))
              }
            >
              Let it go
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Its papers, one over the other. */
function Picture({ of }: { of: Embellishment }) {
  const line = 0.01 * Math.max(of.width, of.height);
  return (
    <svg
      viewBox={`${-line} ${-line} ${of.width + 2 * line} ${of.height + 2 * line}`}
      className="bg-sunken h-24 w-full rounded"
      role="img"
      aria-label={of.name}
    >
      {of.layers.map((layer, i) => (
        <path
          key={i}
          d={layer.path}
          fill={layer.paper.colour}
          fillOpacity={opacityOf(layer.paper)}
          fillRule="evenodd"
          stroke="var(--edge)"
          strokeWidth={line}
        />
      ))}
    </svg>
  );
}
