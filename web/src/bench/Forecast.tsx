import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api } from "../api/client";
import type { Forecast as Forecasted } from "../api/types";
import { Button } from "../parts/Button";
import { Meanwhile } from "../parts/Meanwhile";
import { useSettledBrief } from "../state/useBench";
import { accuracy } from "./accuracy";

type Kind = Forecasted["chances"][number]["kind"];
type Likelihood = Forecasted["chances"][number]["likelihood"];

const WORDS: Record<Kind, string> = {
  STICKS_OUT: "Nothing sticks out",
  CLOSES: "Joints line up",
  MEETS: "Gates meet",
  FITS: "It goes into its envelope",
  BORDERS: "Borders look even",
};

const OFTEN: Record<Likelihood, string> = {
  NEARLY_ALWAYS: "nearly always",
  USUALLY: "usually",
  NEEDS_CARE: "needs care",
};

/** What makes it more forgiving, by a mark in the card's unit. */
const HELPS: Record<Kind, (mark: string) => string> = {
  STICKS_OUT: (mark) => `trim what lies inside by ${mark}`,
  CLOSES: () => "",
  MEETS: () => "",
  FITS: (mark) => `make the card ${mark} smaller`,
  BORDERS: (mark) => `make the borders ${mark} wider`,
};

const MARKS = { INCH: "1⁄16 in", METRIC: "1.5 mm" };

/** How forgiving the card is, for who asks. */
export function Forecast() {
  const [open, setOpen] = useState(false);
  return open ? (
    <Forgiving />
  ) : (
    <div>
      <p className="m-0 mb-2">How well it comes out by hand, and where to take most care.</p>
      <Button onClick={() => setOpen(true)}>Show me</Button>
    </div>
  );
}

function Forgiving() {
  const brief = useSettledBrief();
  const hands = useQuery({ queryKey: ["hands"], queryFn: api.hands });
  const chosen = hands.data?.chosen;
  const forecast = useQuery({
    queryKey: ["forecast", brief, chosen?.cut, chosen?.score, chosen?.glue],
    queryFn: ({ signal }) =>
      api.forecast(
        brief,
        { cut: chosen?.cut ?? 0, score: chosen?.score ?? 0, glue: chosen?.glue ?? 0 },
        signal,
      ),
    enabled: chosen !== undefined,
    placeholderData: (before) => before,
  });
  if (forecast.error) return <p role="alert">{forecast.error.message}</p>;
  if (!forecast.data) return <p className="h-24">Calculating…</p>;
  const said = forecast.data;
  if (said.chances.length === 0)
    return <p className="m-0">The card does not close yet. Solve that problem first.</p>;
  return (
    <Meanwhile earlier={forecast.isPlaceholderData} className="text-base">
      <dl className="m-0 grid grid-cols-[1fr_auto] gap-x-3">
        {said.chances.map((chance) => (
          <Chance
            key={chance.kind}
            chance={chance}
            help={said.helps.find((h) => h.kind === chance.kind)}
            mark={MARKS[brief.units]}
          />
        ))}
      </dl>
      {said.matters.length > 0 && (
        <p className="m-0 mt-1">
          Be most careful with: <b>{said.matters.join("; ")}</b>.
        </p>
      )}
      <p className="text-quiet m-0 mt-1 text-sm">
        For a hand that cuts to {accuracy(said.scatter.cut, brief.units)}, scores to{" "}
        {accuracy(said.scatter.score, brief.units)} and glues to {accuracy(said.scatter.glue, brief.units)}{" "}
        either way. Derived, please check; the logbook learns your own accuracy from what you measure.
      </p>
    </Meanwhile>
  );
}

interface ChanceProps {
  chance: Forecasted["chances"][number];
  help?: Forecasted["helps"][number];
  mark: string;
}

/** One thing that has to come right: how often it does, what goes wrong, and what helps. */
function Chance({ chance, help, mark }: ChanceProps) {
  const isSure = chance.likelihood === "NEARLY_ALWAYS";
  const helps = help && HELPS[chance.kind](mark);
  return (
    <div className="contents">
      <dt>{WORDS[chance.kind]}</dt>
      <dd className="m-0 text-right font-bold">{OFTEN[chance.likelihood]}</dd>
      {!isSure && chance.weakest && (
        <dd className="text-quiet col-span-2 m-0 text-sm">Watch out: {chance.weakest}.</dd>
      )}
      {!isSure && helps && (
        <dd className="text-quiet col-span-2 m-0 text-sm">
          To make it more forgiving, {helps}: then {OFTEN[help.likelihood]}.
        </dd>
      )}
    </div>
  );
}
