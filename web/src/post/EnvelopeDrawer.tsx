import { useState, type FormEvent } from "react";
import { api } from "../api/client";
import type { DrawerEnvelope, Units } from "../api/types";
import { Button } from "../parts/Button";
import { Field } from "../parts/Field";
import { Trouble } from "../parts/Trouble";
import { usePostAttempt, useDrawer } from "./usePosting";

/** Envelopes that the maker has besides those of the table. */
export function EnvelopeDrawer({ units }: { units: Units }) {
  const drawer = useDrawer();
  const { trouble, attempt } = usePostAttempt();
  const [gone, setGone] = useState<DrawerEnvelope | null>(null);
  function keep(e: FormEvent<HTMLFormElement>) {
    e.preventDefault();
    const form = e.currentTarget;
    const said = new FormData(form);
    void attempt(() => api.keepEnvelope(String(said.get("name")), String(said.get("size")), units)).then(
      (done) => done && form.reset(),
    );
  }
  return (
    <section aria-label="Your envelopes" className="border-rule mt-2 border-t pt-2">
      <h3 className="font-title m-0 text-base font-normal">Your envelopes</h3>
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
          <Button
            onClick={() =>
              void attempt(() => api.takeBackEnvelope(gone.id)).then((done) => done && setGone(null))
            }
          >
            Bring it back
          </Button>
        </p>
      )}
      <form className="mt-1 flex flex-wrap items-end gap-2" onSubmit={keep}>
        <Field label="An envelope you have" name="name" placeholder="lined" maxLength={60} className="w-36" />
        <Field
          label="Its inside"
          name="size"
          placeholder={units === "INCH" ? "6 x 9 in" : "120 x 165 mm"}
          className="w-32"
        />
        <Button type="submit">Put it in</Button>
      </form>
      <Trouble text={trouble} />
    </section>
  );
}
