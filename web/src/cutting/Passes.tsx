import type { Setting } from "./settings";

interface PassesProps {
  settings: Setting[];
  pass: number | null;
  onPass(number: number | null): void;
}

/** The fence is read from across the table, the cuts it gives from nearer. */
export function Passes({ settings, pass, onPass }: PassesProps) {
  if (settings.length === 0)
    return <p className="m-0 text-base">The whole sheet is one part: nothing to cut.</p>;
  return (
    <ol
      aria-label="Cuts in order"
      className="m-0 flex max-h-[46vh] list-none flex-col gap-1.5 overflow-y-auto p-0"
    >
      {settings.map((setting, i) => (
        <li key={i} className="bg-sunken rounded-md px-3 py-1.5">
          <span className="text-quiet text-sm">fence at</span>{" "}
          <b className="text-2xl leading-none">{setting.fence.shown}</b>
          <ul className="m-0 list-none p-0 text-base">
            {setting.passes.map((p) => (
              <li key={p.number}>
                <button
                  type="button"
                  className={`w-full rounded px-1 text-left ${p.number === pass ? "bg-accent-soft" : ""}`}
                  onPointerEnter={() => onPass(p.number)}
                  onPointerLeave={() => onPass(null)}
                  onFocus={() => onPass(p.number)}
                  onBlur={() => onPass(null)}
                >
                  <b className="inline-block w-7">{p.number}</b>
                  {p.text}
                </button>
              </li>
            ))}
          </ul>
        </li>
      ))}
    </ol>
  );
}
