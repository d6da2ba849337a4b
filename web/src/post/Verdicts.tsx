import { useState } from "react";
import type { Posting } from "../api/types";
import { Button } from "../parts/Button";
import { Sheet } from "../parts/Sheet";
import { PostalTable } from "./PostalTable";

/** What each service makes of the letter: the smallest class that takes it, and which limit decides. */
export function Verdicts({ posting }: { posting: Posting }) {
  const [open, setOpen] = useState(false);
  const { letter, verdicts } = posting;
  return (
    <>
      <p className="m-0 text-base">
        In <b>{letter.name}</b>: {letter.size.shown}, {letter.thickness.mm.toFixed(1)} mm thick,{" "}
        {letter.grams.toFixed(0)} g with the envelope; long to short side {letter.aspect.toFixed(2)}.
      </p>
      {posting.lumpy && (
        <p className="text-warn m-0 text-base">
          It is {posting.unevenMm.toFixed(1)} mm thicker in one place than in another: machines may crush it,
          and some services charge for sorting such letters by hand.
        </p>
      )}
      <ul className="m-0 list-none p-0 text-base" aria-label="What the post makes of it">
        {verdicts.map((v) => (
          <li key={v.service} className="border-rule border-t py-1 first:border-t-0">
            <span className="flex flex-wrap items-baseline gap-x-2">
              <span>{v.service}</span>
              <b className={v.taken ? "" : "text-warn"}>{v.taken ?? "no letter"}</b>
              {v.price && <span>paid {v.price}</span>}
              {v.dearer && (
                <span className="text-warn text-sm">dearer: machines like {v.aspect} long to short side</span>
              )}
            </span>
            <span className="text-quiet block text-sm">
              {v.text} · {v.origin},{" "}
              {new Date(v.asOf).toLocaleDateString(undefined, { month: "long", year: "numeric" })}
            </span>
          </li>
        ))}
      </ul>
      <p className="m-0 mt-1 text-base">
        <b>Check with your post office.</b>{" "}
        <span className="text-quiet">
          Limits change; weight and thickness of the envelope are estimated; stiff letters may cost more.
        </span>
      </p>
      <Button className="mt-1" onClick={() => setOpen(true)}>
        Limits and prices paid …
      </Button>
      <Sheet
        title="Postal classes"
        text="Limits as you know them, each with where it is from and when, and what you paid. Of a service's classes the smallest that takes the letter counts."
        open={open}
        onOpenChange={setOpen}
        wide
      >
        <PostalTable />
      </Sheet>
    </>
  );
}
