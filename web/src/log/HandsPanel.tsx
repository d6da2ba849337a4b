import { useQuery, useQueryClient } from "@tanstack/react-query";
import { api } from "../api/client";
import type { Hands, HandsChoice } from "../api/types";
import { Button } from "../parts/Button";
import { Trouble } from "../parts/Trouble";
import { useAttempt } from "../state/useAttempt";

const WORDS = { CUT: "Cuts", SCORE: "Scores", GLUE: "Glues" };
const mm = (value: number) => `${value.toFixed(2)} mm`;

/** What the measurements say about the maker's hands; offered, never taken by itself. */
export function HandsPanel() {
  const queries = useQueryClient();
  const hands = useQuery({ queryKey: ["hands"], queryFn: api.hands });
  const { trouble, attempt } = useAttempt("hands");
  if (!hands.data) return null;
  const { chosen } = hands.data;

  const choose = (part: Partial<HandsChoice>) =>
    attempt(async () => {
      const now = hands.data as Hands;
      queries.setQueryData(["hands"], await api.chooseHands(now.version, { ...now.chosen, ...part }));
    });
  return (
    <section className="border-rule bg-raised rounded-lg border px-3 py-2" aria-label="Your hands">
      <h2 className="font-title text-quiet m-0 mb-1 text-base font-normal">Your hands</h2>
      <p className="m-0">
        Counted with: cuts {mm(chosen.cut)}, scores {mm(chosen.score)}, glue {mm(chosen.glue)} about what is
        planned.
      </p>
      {hands.data.habits.map((h) => {
        const scatter = h.hand === "CUT" ? chosen.cut : chosen.score;
        const aim = h.hand === "CUT" ? chosen.cutAim : chosen.scoreAim;
        const own = Math.max(0.02, Math.round(h.scatter * 100) / 100);
        const beside = Math.round(-h.bias * 100) / 100;
        return (
          <div key={h.hand} className="border-rule mt-2 border-t pt-1">
            <p className="m-0">
              <b>{WORDS[h.hand]}</b> ({h.tool}):{" "}
              {h.count === 0
                ? "nothing measured yet."
                : `${h.count} measured; on average ${mm(Math.abs(h.bias))} ${h.bias < 0 ? "short" : "over"}, spread ${mm(h.scatter)}.`}
              {h.slips > 0 && ` ${h.slips} left out as slips, over 3 mm.`}
              {h.count > 0 && !h.enough && " From fewer than 10 nothing is concluded."}
            </p>
            <div className="mt-1 flex flex-wrap gap-2">
              {h.enough && own !== scatter && (
                <Button onClick={() => void choose(h.hand === "CUT" ? { cut: own } : { score: own })}>
                  Count with {mm(own)}
                </Button>
              )}
              {h.biased && beside !== aim && (
                <Button
                  onClick={() => void choose(h.hand === "CUT" ? { cutAim: beside } : { scoreAim: beside })}
                >
                  Tell me to set {mm(Math.abs(beside))} {beside > 0 ? "more" : "less"}
                </Button>
              )}
              {aim !== 0 && (
                <Button onClick={() => void choose(h.hand === "CUT" ? { cutAim: 0 } : { scoreAim: 0 })}>
                  Stop telling me {mm(Math.abs(aim))} {aim > 0 ? "more" : "less"}
                </Button>
              )}
            </div>
          </div>
        );
      })}
      <Trouble text={trouble} />
    </section>
  );
}
