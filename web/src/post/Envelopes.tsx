import { useState, type FormEvent } from "react";
import { api } from "../api/client";
import type { DrawerEnvelope, Posting } from "../api/types";
import { VERDICTS } from "../bench/verdicts";
import { Button } from "../parts/Button";
import { Field } from "../parts/Field";
import { Trouble } from "../parts/Trouble";
import { useChange, usePlan } from "../state/useBench";
import { useAttempt, useDrawer } from "./usePosting";

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
      <Drawer drawer={drawer} />
    </>
  );
}

/** Envelopes that the maker has besides those of the table. */
function Drawer({ drawer }: { drawer: DrawerEnvelope[] }) {
  const brief = usePlan((p) => p.brief);
  const { trouble, attempt } = useAttempt();
  const [gone, setGone] = useState<DrawerEnvelope | null>(null);
  function keep(e: FormEvent<HTMLFormElement>) {
    e.preventDefault();
    const form = e.currentTarget;
    const said = new FormData(form);
    void attempt(() =>
      api.keepEnvelope(String(said.get("name")), String(said.get("size")), brief.units),
    ).then((done) => done && form.reset());
  }
  return (
    <section aria-label="Your drawer" className="border-rule mt-2 border-t pt-2">
      <h3 className="font-title m-0 text-base font-normal">Your drawer</h3>
      <ul className="m-0 list-none p-0 text-base">
        {drawer.map((d) => (
          <li key={d.id} className="flex items-center gap-2">
            <span className="grow">
              {d.name}, {d.size.shown}
            </span>
            <Button
              aria-label={`Take ${d.name} out of the drawer`}
              onClick={() => void attempt(() => api.dropEnvelope(d.id)).then((done) => done && setGone(d))}
            >
              used up
            </Button>
          </li>
        ))}
      </ul>
      {gone && (
        <p role="status" className="m-0 flex items-center gap-2">
          {gone.name} is out of the drawer.
          <Button onClick={() => void attempt(() => api.takeBackEnvelope(gone.id)).then(() => setGone(null))}>
            Bring it back
          </Button>
        </p>
      )}
      <form className="mt-1 flex flex-wrap items-end gap-2" onSubmit={keep}>
        <Field label="An envelope you have" name="name" placeholder="lined" maxLength={60} className="w-36" />
        <Field
          label="Its inside"
          name="size"
          placeholder={brief.units === "INCH" ? "6 x 9 in" : "120 x 165 mm"}
          className="w-32"
        />
        <Button type="submit">Put it in</Button>
      </form>
      <Trouble text={trouble} />
    </section>
  );
}
