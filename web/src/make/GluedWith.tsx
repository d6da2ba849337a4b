import type { Task } from "../api/types";
import { ChoiceWord } from "../parts/ChoiceWord";
import { useChange } from "../state/useBench";

/** Of no adhesive: what is proposed. */
const PROPOSED = "proposed";

/** What is glued with at this step, to be changed there and then. */
export function GluedWith({ glue }: { glue: Task["glue"] }) {
  const change = useChange();
  if (!glue || (glue.choices.length < 2 && !glue.own)) return null;
  const take = (key: string) =>
    change((b) => {
      const gluedWith = { ...b.gluedWith };
      for (const place of glue.places)
        if (key === PROPOSED) delete gluedWith[place];
        else gluedWith[place] = key;
      return { gluedWith };
    });
  return (
    <p className="no-print m-0 text-xl">
      Glued with{" "}
      <ChoiceWord
        label="Glued with"
        value={glue.with ?? PROPOSED}
        shown={glue.with ? undefined : "different ones"}
        choices={[
          ...glue.choices.map((c) => ({ value: c.key, label: c.name })),
          ...(glue.own ? [{ value: PROPOSED, label: "what is proposed" }] : []),
        ]}
        onChoose={(key) => void take(key)}
      />
    </p>
  );
}
