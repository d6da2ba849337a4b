import { useState } from "react";
import type { Posting } from "../api/types";
import { VERDICTS } from "../bench/verdicts";
import { Button } from "../parts/Button";
import { useChange, usePlan } from "../state/useBench";
import { EnvelopeDrawer } from "./EnvelopeDrawer";
import { useDrawer } from "./usePosting";

/** Every envelope of the drawer and the table, those that take the card first. */
export function Envelopes({ posting }: { posting: Posting }) {
  const brief = usePlan((p) => p.brief);
  const change = useChange();
  const drawer = useDrawer();
  const [all, setAll] = useState(false);
  const takes = posting.fits.filter((f) => f.verdict !== "TOO_SMALL");
  const shown = all ? posting.fits : takes;
  return (
    <>
      <ul className="m-0 list-none p-0 text-base" aria-label="Envelopes at hand">
        {shown.map((fit) => {
          const own = drawer.some((d) => d.envelope === fit.envelope);
          const chosen = brief.envelope === fit.envelope;
          return (
            <li
              key={fit.envelope}
              className="border-rule flex items-center gap-2 border-t py-1 first:border-t-0"
            >
              <span className="min-w-0 grow leading-tight">
                <b>{fit.name}</b> {fit.size.shown}
                {fit.usualCard && <span className="text-quiet"> · made for {fit.usualCard.shown}</span>}
                {own && <span className="text-quiet"> · in your drawer</span>}
                <span className="text-quiet block text-sm">
                  {fit.verdict === "TOO_SMALL"
                    ? `lacks ${fit.lacks}`
                    : `to spare ${fit.spareAcross.shown} and ${fit.spareUp.shown}${fit.turned ? ", card turned" : ""}`}
                </span>
              </span>
              <span className={`rounded px-2 font-semibold whitespace-nowrap ${VERDICTS[fit.verdict].look}`}>
                {VERDICTS[fit.verdict].text}
              </span>
              <Button
                look={chosen ? "strong" : "plain"}
                aria-pressed={chosen}
                aria-label={chosen ? `${fit.name} is chosen` : `Choose ${fit.name}`}
                onClick={() => void change({ envelope: chosen ? null : fit.envelope })}
              >
                {chosen ? "chosen" : "choose"}
              </Button>
            </li>
          );
        })}
      </ul>
      {takes.length === 0 && <p className="m-0">None takes the card: make one, below.</p>}
      {posting.fits.length > takes.length && (
        <Button className="mt-1" onClick={() => setAll(!all)}>
          {all ? "Only those that take it" : `${posting.fits.length - takes.length} more are too small`}
        </Button>
      )}
      <EnvelopeDrawer units={brief.units} />
    </>
  );
}
