import { useQuery } from "@tanstack/react-query";
import { api } from "../api/client";
import type { Forecast as Forecasted } from "../api/types";
import { Meanwhile } from "../parts/Meanwhile";
import { useSettledBrief } from "../state/useBench";

type Kind = Forecasted["chances"][number]["kind"];

const WORDS: Record<Kind, string> = {
  STICKS_OUT: "Nothing looks out",
  CLOSES: "What is joined meets",
  MEETS: "Gates meet in a hairline",
  FITS: "It goes into its envelope",
  BORDERS: "All borders look even",
};

/** What would help, by a mark in the card's unit. */
const HELPS: Record<Kind, (mark: string) => string> = {
  STICKS_OUT: (mark) => `with what lies inside ${mark} smaller`,
  CLOSES: () => "",
  MEETS: () => "",
  FITS: (mark) => `with a card ${mark} smaller`,
  BORDERS: (mark) => `with borders ${mark} wider`,
};

const MARKS = { INCH: "1⁄16 in", METRIC: "1.5 mm" };

const MOST_SURE = 0.99;

/** "9 of 10", "72 of 100"; a likelihood is read better as cards than as a share. */
export function ofCards(share: number): string {
  if (share > MOST_SURE) return "nearly always";
  if (share < 1 - MOST_SURE) return "hardly ever";
  const ten = Math.round(share * 10);
  return ten > 0 && ten < 10 && Math.abs(ten / 10 - share) < 0.015
    ? `${ten} of 10 cards`
    : `${Math.round(share * 100)} of 100 cards`;
}

/** How likely the maker's hands make it right, and what matters most. */
export function Forecast() {
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
  if (!forecast.data) return <p className="h-24">Reckoning …</p>;
  const said = forecast.data;
  if (said.chances.length === 0)
    return <p className="m-0">It cannot close, so there is nothing to forecast.</p>;
  return (
    <Meanwhile earlier={forecast.isPlaceholderData} className="text-base">
      <dl className="m-0 grid grid-cols-[1fr_auto] gap-x-3">
        {said.chances.map((chance) => {
          const help = said.helps.find((h) => h.kind === chance.kind);
          return (
            <div key={chance.kind} className="contents">
              <dt>{WORDS[chance.kind]}</dt>
              <dd className="m-0 text-right font-bold">{ofCards(chance.probability)}</dd>
              {chance.kind === "BORDERS" && chance.each < MOST_SURE && (
                <dd className="text-quiet col-span-2 m-0 text-sm">
                  each by itself {ofCards(chance.each).replace("cards", "times")}
                </dd>
              )}
              {help && HELPS[chance.kind](MARKS[brief.units]) && (
                <dd className="text-quiet col-span-2 m-0 text-sm">
                  {HELPS[chance.kind](MARKS[brief.units])}: {ofCards(help.probability)}
                </dd>
              )}
              {chance.probability < MOST_SURE && chance.kind !== "BORDERS" && chance.weakest && (
                <dd className="text-quiet col-span-2 m-0 text-sm">most often {chance.weakest}</dd>
              )}
            </div>
          );
        })}
      </dl>
      {said.matters.length > 0 && (
        <p className="m-0 mt-1">
          Take most care with: <b>{said.matters.join("; ")}</b>.
        </p>
      )}
      <p className="text-quiet m-0 mt-1 text-sm">
        For hands that miss a cut by {said.scatter.cut} mm, a score by {said.scatter.score} mm and a glued
        place by {said.scatter.glue} mm on average (standard deviation); half a millimetre is let pass.
        Derived; please check against your own cards. The logbook learns your hands from what you measure.
      </p>
    </Meanwhile>
  );
}
