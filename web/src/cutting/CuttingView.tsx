import { useQuery } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { api, cuttingAddress } from "../api/client";
import type { Cutting, LaidPart, PaperCutting, PinnedPart, SheetCutting } from "../api/types";
import { Button } from "../parts/Button";
import { counted } from "../parts/counted";
import { Saved } from "../parts/Saved";
import { Trouble } from "../parts/Trouble";
import { usePlan, useBench, useBenchStore } from "../state/useBench";
import { ByMachine } from "./ByMachine";
import { Passes } from "./Passes";
import { alike, runs, settingsOf, shopping, whence } from "./settings";
import { SheetDrawing } from "./SheetDrawing";
import { useCutting } from "./useCutting";

/** Seconds that are looked when nobody says more, and when somebody does. */
const SECONDS = 1;
const LONG_SECONDS = 20;

/** From the plan to cut paper: how many cards, which sheets, and every cut as it is made at the trimmer. */
export function CuttingView() {
  const project = useBench((b) => b.project);
  const store = useBenchStore();
  const units = usePlan((p) => p.brief.units);
  const { plan, trouble, busy, begin, stop, cut, uncut } = useCutting();
  const [count, setCount] = useState(1);
  const [grain, setGrain] = useState(true);
  const [twice, setTwice] = useState(false);
  const [others, setOthers] = useState<Record<string, number>>({});
  const [shown, setShown] = useState(1);
  /* After a sheet the next one lies there: Enter goes on. */
  const [advanced, setAdvanced] = useState(false);
  const asked = plan?.asked;
  const known = useRef<string | null>(null);
  /* The words say what was asked for when a plan comes from its address. */
  useEffect(() => {
    if (!asked || !plan || known.current === plan.id) return;
    known.current = plan.id;
    setCount(asked.cards.find((c) => c.project === project?.id)?.count ?? 1);
    setOthers(
      Object.fromEntries(
        asked.cards.filter((c) => c.project !== project?.id).map((c) => [c.project, c.count]),
      ),
    );
    setGrain(asked.keepsGrain);
    setTwice(asked.twoAtOnce);
  }, [asked, plan, project]);
  if (!project) return null;

  async function look(seconds: number, pins: PinnedPart[] = asked?.pins ?? []) {
    await store.saveNow();
    if (!project) return;
    await begin({
      cards: [
        { project: project.id, count },
        ...Object.entries(others).map(([id, n]) => ({ project: id, count: n })),
      ],
      keepsGrain: grain,
      twoAtOnce: twice,
      seconds,
      pins,
    });
  }
  const sheets = plan?.papers.flatMap((p) => p.sheets) ?? [];
  const done = sheets.filter((s) => s.cut).length;
  const at = sheets.find((s) => s.number === shown) ?? sheets[0];
  const paper = plan?.papers.find((p) => p.sheets.some((s) => s.number === at?.number));

  function move(part: LaidPart, x: number, y: number) {
    if (!at) return;
    const pin = { blank: part.blank, sheet: at.sheet, number: at.ordinal, x, y, laying: part.laying };
    void look(SECONDS, [...(asked?.pins ?? []).filter((p) => p.blank !== part.blank), pin]);
  }

  return (
    <>
      <section aria-label="What is cut" className="flex flex-wrap items-center gap-x-4 gap-y-2 text-lg">
        <label className="flex items-center gap-2">
          Cut
          <input
            type="number"
            aria-label="How many of this card"
            min={1}
            max={60}
            value={count}
            onChange={(e) => setCount(Math.max(1, Math.min(60, Number(e.target.value) || 1)))}
            className="border-accent text-accent min-h-9 w-16 border-b-2 bg-transparent text-center text-xl font-bold"
          />
          of this card
        </label>
        <Others mine={project.id} counts={others} onChange={setOthers} />
        <label className="flex items-center gap-2 text-base">
          <input
            type="checkbox"
            className="size-5"
            checked={grain}
            onChange={(e) => setGrain(e.target.checked)}
          />
          folds along the grain
        </label>
        <label className="flex items-center gap-2 text-base">
          <input
            type="checkbox"
            className="size-5"
            checked={twice}
            onChange={(e) => setTwice(e.target.checked)}
          />
          two sheets at once
        </label>
        <Button look="strong" disabled={busy} onClick={() => void look(SECONDS, [])}>
          {plan ? "Plan it anew" : "Plan the cutting"}
        </Button>
        {busy && !plan && <span role="status">Laying the parts out …</span>}
      </section>
      <Trouble text={trouble} />
      {plan && (
        <>
          <Summary
            plan={plan}
            done={done}
            busy={busy}
            onLonger={() => void look(LONG_SECONDS)}
            onStop={() => void stop()}
            onLetGo={() => void look(SECONDS, [])}
            address={cuttingAddress(project.id, plan.id, units === "INCH" ? "letter" : "a4")}
          />
          {at && paper && (
            <div className="grid grid-cols-1 items-start gap-4 lg:grid-cols-[9rem_minmax(0,1fr)_20rem]">
              <SheetPile plan={plan} shown={at.number} onShow={setShown} />
              <AtTheTrimmer
                key={at.number}
                paper={paper}
                sheet={at}
                busy={busy || plan.running}
                onMove={done === 0 && !plan.running ? move : undefined}
                units={units}
                others={alike(at, paper.sheets)}
                isNext={advanced}
                onCut={() =>
                  void cut(at.number).then((went) => {
                    if (!went) return;
                    setAdvanced(true);
                    setShown(sheets.find((s) => !s.cut && s.number !== at.number)?.number ?? at.number);
                  })
                }
                onUncut={() => void uncut(at.number)}
              />
            </div>
          )}
          <ByMachine project={project.id} sheet={at && { plan: plan.id, number: at.number }} />
        </>
      )}
    </>
  );
}

interface OthersProps {
  mine: string;
  counts: Record<string, number>;
  onChange(counts: Record<string, number>): void;
}

/** Other cards that are cut along with this one. */
function Others({ mine, counts, onChange }: OthersProps) {
  const projects = useQuery({ queryKey: ["projects"], queryFn: api.projects }).data ?? [];
  const name = (id: string) => projects.find((p) => p.id === id)?.name ?? "a card";
  const rest = projects.filter((p) => p.id !== mine && !(p.id in counts) && !p.reason);
  return (
    <span className="flex flex-wrap items-center gap-2 text-base">
      {Object.entries(counts).map(([id, n]) => (
        <span key={id} className="bg-sunken flex items-center gap-1.5 rounded-md px-2 py-1">
          and
          <input
            type="number"
            aria-label={`How many of ${name(id)}`}
            min={1}
            max={60}
            value={n}
            onChange={(e) =>
              onChange({ ...counts, [id]: Math.max(1, Math.min(60, Number(e.target.value) || 1)) })
            }
            className="border-accent text-accent w-12 border-b-2 bg-transparent text-center font-bold"
          />
          <span className="max-w-48 truncate">{name(id)}</span>
          <button
            type="button"
            aria-label={`Leave ${name(id)} out`}
            className="px-1 font-bold"
            onClick={() => onChange(Object.fromEntries(Object.entries(counts).filter(([k]) => k !== id)))}
          >
            ×
          </button>
        </span>
      ))}
      {rest.length > 0 && (
        <select
          aria-label="Cut another card along with it"
          value=""
          onChange={(e) => e.target.value && onChange({ ...counts, [e.target.value]: 1 })}
          className="border-rule bg-raised min-h-9 max-w-44 rounded-md border px-2 text-base"
        >
          <option value="">and another card …</option>
          {rest.map((p) => (
            <option key={p.id} value={p.id}>
              {p.name}
            </option>
          ))}
        </select>
      )}
    </span>
  );
}

interface SummaryProps {
  plan: Cutting;
  done: number;
  busy: boolean;
  onLonger(): void;
  onStop(): void;
  onLetGo(): void;
  /** Of its print. */
  address: string;
}

/** What the plan comes to, in a line or two. */
function Summary({ plan, done, busy, onLonger, onStop, onLetGo, address }: SummaryProps) {
  const sheets = plan.papers.flatMap((p) => p.sheets);
  const all = sheets.reduce((n, s) => n + s.together, 0);
  const fewest = plan.papers.reduce((n, p) => n + p.fewest, 0);
  const unplaced = [...new Set(plan.papers.flatMap((p) => p.unplaced))];
  const proven = plan.papers.every((p) => p.proven);
  const buy = shopping(plan.papers);
  const besides = plan.besides ?? [];
  return (
    <section aria-label="What the plan comes to" data-testid="cutting-summary" className="text-lg">
      <p className="m-0">
        <b>{counted(all, "sheet")}</b>
        {all > 0 && `: ${whence(sheets)}`}.{" "}
        {proven ? (
          <span className="text-accent font-semibold">Fewer will not do, proven.</span>
        ) : (
          <span>
            The best found; no plan does with fewer than {fewest}
            {all > fewest && `, so at most ${counted(all - fewest, "sheet")} could be saved`}.
          </span>
        )}
        {done > 0 && ` ${done} of ${sheets.length} cut.`}
      </p>
      {buy.length > 0 && <p className="m-0 text-base">To buy: {buy.join("; ")}.</p>}
      {besides.length > 0 && <p className="m-0 text-base">Besides paper: {besides.join("; ")}.</p>}
      {plan.paid.length > 0 && (
        <p className="m-0 text-base">
          Paper for {plan.paid.join(" and ")}, kept offcuts not counted, as far as prices are in the drawer.
        </p>
      )}
      {unplaced.length > 0 && (
        <p
          role="alert"
          className="border-stop bg-stop-soft m-0 mt-1 rounded-md border-l-4 px-3 py-1.5 text-base"
        >
          No sheet is large enough for these parts: {unplaced.join("; ")}.
        </p>
      )}
      <p className="m-0 mt-1 flex flex-wrap gap-2 text-base">
        {plan.running && (
          <>
            <span role="status">Looking for something better …</span>
            <Button onClick={onStop}>Take what there is</Button>
          </>
        )}
        {!plan.running && !proven && done === 0 && (
          <Button disabled={busy} onClick={onLonger}>
            Look for longer
          </Button>
        )}
        {!plan.running && (
          <a
            href={address}
            target="_blank"
            rel="noreferrer"
            className="border-rule bg-raised hover:bg-accent-soft inline-flex min-h-9 items-center rounded-md border px-2.5 text-sm font-semibold"
          >
            Print the sheets
          </a>
        )}
        {plan.asked.pins.length > 0 && done === 0 && (
          <Button disabled={busy} onClick={onLetGo}>
            Let all parts go where they like
          </Button>
        )}
      </p>
    </section>
  );
}

interface SheetPileProps {
  plan: Cutting;
  shown: number;
  onShow(number: number): void;
}

/** All sheets, paper by paper, as small as they can be told apart. */
function SheetPile({ plan, shown, onShow }: SheetPileProps) {
  return (
    <nav
      aria-label="Sheets to cut"
      className="flex flex-row flex-wrap gap-3 lg:max-h-[78vh] lg:flex-col lg:flex-nowrap lg:overflow-y-auto"
    >
      {plan.papers.map((paper, i) => (
        <div key={i}>
          <p className="text-quiet m-0 mb-1 text-sm leading-tight" title={paper.use}>
            <span
              aria-hidden
              className="border-rule mr-1 inline-block size-3 rounded-full border align-middle"
              style={{ background: paper.colour }}
            />
            {paper.name ? `${paper.name}, ` : ""}
            {paper.stock}: {paper.use}
          </p>
          <ul className="m-0 flex list-none flex-wrap gap-1.5 p-0">
            {paper.sheets.map((s) => (
              <li key={s.number}>
                <button
                  type="button"
                  aria-current={s.number === shown}
                  aria-label={`Sheet ${s.number}${s.cut ? ", cut" : ""}`}
                  onClick={() => onShow(s.number)}
                  className={`flex size-10 items-center justify-center rounded border-2 text-base font-bold ${
                    s.number === shown ? "border-accent" : "border-rule"
                  } ${s.cut ? "bg-accent-soft line-through" : "bg-raised"}`}
                >
                  {s.number}
                </button>
              </li>
            ))}
          </ul>
        </div>
      ))}
    </nav>
  );
}

interface AtTheTrimmerProps {
  paper: PaperCutting;
  sheet: SheetCutting;
  units: "INCH" | "METRIC";
  busy: boolean;
  onMove?(part: LaidPart, x: number, y: number): void;
  /** Numbers of other sheets that are cut just like it. */
  others: number[];
  /** Whether it comes after one that was cut: what goes on has the focus. */
  isNext: boolean;
  onCut(): void;
  onUncut(): void;
}

/** One sheet, drawn, and beside it what is done with it. */
function AtTheTrimmer(props: AtTheTrimmerProps) {
  const { paper, sheet, units, busy, others, isNext, onMove, onCut, onUncut } = props;
  const [pass, setPass] = useState<number | null>(null);
  const kept = sheet.rests.filter((r) => r.kept).length;
  return (
    <>
      <div className="border-rule bg-raised min-w-0 rounded-lg border p-2">
        <Saved name={`sheet ${sheet.number}`}>
          <SheetDrawing
            paper={paper}
            sheet={sheet}
            units={units}
            pass={pass}
            onPass={setPass}
            onMove={onMove}
          />
        </Saved>
      </div>
      <div className="flex min-w-0 flex-col gap-2">
        <h2 className="font-title m-0 text-xl font-normal">
          {sheet.together > 1 && `${sheet.together} sheets together: `}
          {sheet.name}
        </h2>
        <p className="m-0 text-base">
          {sheet.size.shown}, {sheet.owned ? "from the drawer" : "to buy"};{" "}
          {counted(sheet.settings, "setting")} of the fence.
          {others.length > 0 && ` ${others.length === 1 ? "Sheet" : "Sheets"} ${runs(others)} alike.`}
        </p>
        <Passes settings={settingsOf(sheet.passes)} pass={pass} onPass={setPass} />
        {sheet.shapes.map((sentence) => (
          <p key={sentence} className="m-0 text-base">
            {sentence}
          </p>
        ))}
        <p className="text-quiet m-0 text-sm">
          A blade cuts fingers as well: keep them behind the guard, cut away from the hand, and follow the
          trimmer&apos;s own instructions.
        </p>
        {sheet.cut ? (
          <p role="status" className="m-0 flex flex-wrap items-center gap-2 text-base">
            Cut{kept > 0 && `; ${counted(kept, "offcut")} went into the drawer`}.
            <Button disabled={busy} onClick={onUncut}>
              It is not cut after all
            </Button>
          </p>
        ) : (
          <Button
            look="strong"
            className="min-h-12 justify-center text-lg"
            autoFocus={isNext}
            disabled={busy}
            onClick={onCut}
          >
            This sheet is cut
          </Button>
        )}
      </div>
    </>
  );
}
