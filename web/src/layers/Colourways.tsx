import { Palette as PaletteIcon } from "lucide-react";
import { useState } from "react";
import { useNavigate } from "react-router";
import { api } from "../api/client";
import type { Brief, Paper } from "../api/types";
import { Button } from "../parts/Button";
import { Trouble } from "../parts/Trouble";
import { useAttempt } from "../state/useAttempt";
import { useBench, useChange, usePlan, useSettledBrief } from "../state/useBench";
import { Picture } from "./Looks";
import { lookOf } from "../parts/paperLook";
import { paletteOf, rolesOf, withPaper, type Used } from "./palette";
import { PaperChoice } from "./PaperChoice";
import { useLooks } from "./useLooks";

/** What takes the place of each of the card's papers, by its look. */
type Exchange = Record<string, Paper>;

const other = (used: Used, exchange: Exchange) => exchange[lookOf(used.paper)] ?? used.paper;

/** The brief in its second colourway. */
export const exchanged = (brief: Brief, palette: Used[], exchange: Exchange): Brief =>
  palette.reduce((b, used) => withPaper(b, used.places, other(used, exchange)), brief);

/** The same card in other papers, beside it as it is: taken for it, or kept as a card of its own. */
export function Colourways() {
  const [open, setOpen] = useState(false);
  return open ? (
    <Second onClose={() => setOpen(false)} />
  ) : (
    <Button onClick={() => setOpen(true)}>
      <PaletteIcon aria-hidden size={16} /> Try a second colourway
    </Button>
  );
}

function Second({ onClose }: { onClose(): void }) {
  const plan = usePlan((p) => p);
  const settled = useSettledBrief();
  const name = useBench((b) => b.project?.name) ?? "";
  const change = useChange();
  const navigate = useNavigate();
  const { trouble, attempt } = useAttempt("projects");
  const [exchange, setExchange] = useState<Exchange>({});
  const palette = paletteOf(plan).filter((used) => used.places.length > 0);
  const brief = exchanged(settled, palette, exchange);
  const first = useLooks(settled).data ?? [];
  const second = useLooks(brief).data ?? [];
  const set = (used: Used, paper: Paper) => setExchange((e) => ({ ...e, [lookOf(used.paper)]: paper }));
  const keep = () =>
    attempt(async () => {
      const project = await api.create(`${name}, second colourway`, brief);
      void navigate(`/bench/${project.id}/layers`);
    });
  return (
    <>
      <ul className="m-0 mb-2 list-none p-0 leading-9" aria-label="Papers of the second colourway">
        {palette.map((used) => (
          <li key={used.places.map((p) => p.role).join()}>
            <b>{used.called}</b> <span className="text-quiet">for {rolesOf(used.places)}</span> becomes{" "}
            <PaperChoice
              label={`${used.called} in the second colourway`}
              paper={other(used, exchange)}
              folds={used.places.some((p) => p.folds)}
              onChoose={(paper) => set(used, paper)}
            />{" "}
            <input
              type="color"
              aria-label={`Second colour of ${used.called}`}
              value={other(used, exchange).colour}
              onChange={(e) => set(used, { ...other(used, exchange), colour: e.target.value, name: null })}
              className="border-rule h-8 w-10 cursor-pointer rounded border bg-transparent p-0.5 align-middle"
            />
          </li>
        ))}
      </ul>
      <div className="grid grid-cols-2 gap-3" role="group" aria-label="Both colourways">
        {[first, second].flatMap((list, way) =>
          list
            .filter((look) => look.moment.how === "CLOSED")
            .map((look) => (
              <Picture key={way} look={look} title={way === 0 ? "As it is" : "Second colourway"} />
            )),
        )}
      </div>
      <p className="m-0 mt-2 flex flex-wrap gap-1.5">
        <Button
          onClick={() =>
            void change((b) => exchanged(b, palette, exchange)).then((done) => done && onClose())
          }
        >
          Make it the card’s
        </Button>
        <Button onClick={() => void keep()}>Keep as a card of its own</Button>
        <Button onClick={onClose}>Leave it</Button>
      </p>
      <Trouble text={trouble} />
    </>
  );
}
