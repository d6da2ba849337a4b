import { useQuery } from "@tanstack/react-query";
import { Pause, Play, RotateCcw, Upload } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import { useLocation, useSearchParams } from "react-router";
import { api } from "../api/client";
import type { CutterMachine, CutterRun } from "../api/types";
import { Button } from "../parts/Button";
import { Field } from "../parts/Field";
import { Meanwhile } from "../parts/Meanwhile";
import { StoreTrouble } from "../parts/StoreTrouble";
import { TopBar } from "../parts/TopBar";
import { Trouble } from "../parts/Trouble";
import { lasting, momentAt } from "./walk";

type Stroke = CutterRun["strokes"][number];

const COLOURS: Record<Stroke["kind"], string> = {
  DRAW: "var(--quiet)",
  SCORE: "var(--accent)",
  SLIT: "var(--warn)",
  CUT: "var(--ink)",
};

const WORDS: Record<Stroke["kind"], string> = { DRAW: "drawn", SCORE: "scored", SLIT: "slit", CUT: "cut" };

const PACES = [1, 5, 20, 60];

const FIELDS: { key: keyof CutterMachine; label: string; step: number }[] = [
  { key: "width", label: "Bed width, mm", step: 1 },
  { key: "height", label: "Bed height, mm", step: 1 },
  { key: "cutting", label: "Cutting, mm each second", step: 1 },
  { key: "scoring", label: "Scoring, mm each second", step: 1 },
  { key: "travel", label: "Travelling, mm each second", step: 1 },
  { key: "lift", label: "Lowering a tool, s", step: 0.05 },
  { key: "step", label: "Shortest stroke, mm", step: 0.05 },
];

/** What a cutting machine would do with a file, before any blade moves. */
export function CutterView() {
  const [address] = useSearchParams();
  const dropped = useLocation().state as { svg?: string; name?: string } | null;
  const from = address.get("from");
  const [chosen, setChosen] = useState<{ svg: string; name: string } | null>(null);
  const [machine, setMachine] = useState<CutterMachine | null>(null);
  const file = useRef<HTMLInputElement>(null);
  useEffect(() => {
    document.title = "Cutter · Vantbreeze";
  }, []);
  const fetched = useQuery({
    queryKey: ["cut file", from],
    queryFn: async () => {
      const answer = await fetch(from ?? "");
      if (!answer.ok) throw new Error("The cut file is not there any more.");
      return answer.text();
    },
    enabled: from !== null && from.startsWith("/api/projects/"),
  });
  const svg = chosen?.svg ?? dropped?.svg ?? fetched.data ?? null;
  const name = chosen?.name ?? dropped?.name ?? (from ? "the cut file of your card" : "");
  const run = useQuery({
    queryKey: ["cutter", svg, machine],
    queryFn: () => api.cutter(svg ?? "", machine),
    enabled: svg !== null,
    retry: false,
    placeholderData: (before) => before,
  });
  return (
    <>
      <StoreTrouble />
      <TopBar />
      <main className="mx-auto grid max-w-[1400px] gap-5 px-4 py-3 lg:grid-cols-[minmax(0,1fr)_18rem]">
        <div className="flex min-w-0 flex-col gap-3">
          <div className="flex flex-wrap items-center gap-3">
            <h1 className="font-title m-0 text-2xl">Cutter</h1>
            <p className="text-quiet m-0 grow">
              {name || "A stand-in: it shows what a machine would do, no blade moves."}
            </p>
            <input
              ref={file}
              type="file"
              accept=".svg,image/svg+xml"
              aria-label="Cut file"
              className="sr-only"
              onChange={(e) => {
                const taken = e.target.files?.[0];
                e.target.value = "";
                if (taken) void taken.text().then((text) => setChosen({ svg: text, name: taken.name }));
              }}
            />
            <Button look="strong" onClick={() => file.current?.click()}>
              <Upload aria-hidden size={16} /> Put a cut file in
            </Button>
          </div>
          <Trouble text={run.error?.message ?? fetched.error?.message ?? null} />
          {run.data ? (
            <Meanwhile earlier={run.isPlaceholderData}>
              <Bed key={run.dataUpdatedAt} run={run.data} />
            </Meanwhile>
          ) : (
            svg === null && (
              <p className="text-lg">
                Put an SVG in whose groups are called cut, slit, score or draw; what is in no such group is
                cut. The cut files of your cards are under Cutting.
              </p>
            )
          )}
        </div>
        <Settings machine={machine ?? run.data?.machine ?? null} onChange={setMachine} />
      </main>
    </>
  );
}

function Settings({
  machine,
  onChange,
}: {
  machine: CutterMachine | null;
  onChange(machine: CutterMachine): void;
}) {
  if (!machine) return null;
  return (
    <form
      aria-label="The machine"
      className="border-rule bg-raised flex flex-col gap-2 self-start rounded-lg border px-3 py-2"
    >
      <h2 className="font-title text-quiet m-0 text-base font-normal">The machine</h2>
      {FIELDS.map((f) => (
        <Field
          key={f.key}
          label={f.label}
          type="number"
          step={f.step}
          value={machine[f.key]}
          onChange={(e) => {
            const value = Number(e.target.value);
            if (e.target.value !== "" && Number.isFinite(value)) onChange({ ...machine, [f.key]: value });
          }}
        />
      ))}
      <p className="text-quiet m-0 text-sm">
        Usual numbers, not those of one machine. Before a real blade moves: its maker&apos;s instructions,
        fingers off, small children away.
      </p>
    </form>
  );
}

function Bed({ run }: { run: CutterRun }) {
  const [at, setAt] = useState(0);
  const [going, setGoing] = useState(false);
  const [pace, setPace] = useState(20);
  useEffect(() => {
    if (!going) return;
    let before = performance.now();
    let frame = 0;
    const tick = (now: number) => {
      const passed = ((now - before) / 1000) * pace;
      before = now;
      setAt((t) => {
        const next = Math.min(run.seconds, t + passed);
        if (next >= run.seconds) setGoing(false);
        return next;
      });
      frame = requestAnimationFrame(tick);
    };
    frame = requestAnimationFrame(tick);
    return () => cancelAnimationFrame(frame);
  }, [going, pace, run.seconds]);
  const { width, height } = run.machine;
  const moment = momentAt(run, at);
  const done = new Set(run.legs.slice(0, moment.leg).map((l) => l.stroke));
  const leg = run.legs[moment.leg];
  const stroke = leg && leg.stroke >= 0 ? run.strokes[leg.stroke] : undefined;
  const faulty = new Set(run.refusals.flatMap((r) => r.strokes));
  const line = Math.max(width, height) / 500;
  const points = (list: number[][]) => list.map((p) => p.join(",")).join(" ");
  const landscape = height > width;
  const box = landscape ? `0 0 ${height} ${width}` : `0 0 ${width} ${height}`;
  return (
    <>
      {run.refusals.length > 0 && (
        <div
          role="alert"
          aria-label="Refused"
          className="border-stop bg-stop-soft rounded-md border-l-4 px-3 py-2"
        >
          <ul className="m-0 list-none p-0">
            {run.refusals.map((r, i) => (
              <li key={i}>{r.text}</li>
            ))}
          </ul>
        </div>
      )}
      {run.leftOut.length > 0 && (
        <p role="note" className="border-warn bg-warn-soft m-0 mb-2 rounded-md border-l-4 px-3 py-2">
          Not followed, because it is no line: {run.leftOut.join("; ")}.
        </p>
      )}
      <svg
        role="img"
        aria-label={`The bed, ${width} by ${height} mm`}
        viewBox={box}
        className="border-rule bg-sunken max-h-[60vh] w-full rounded-md border"
      >
        <g transform={landscape ? `translate(0 ${width}) rotate(-90)` : undefined}>
          <rect width={width} height={height} fill="var(--raised)" />
          <rect
            width={run.width}
            height={run.height}
            fill="var(--card)"
            stroke="var(--rule)"
            strokeWidth={line / 2}
          />
          {run.strokes.map((s, i) => (
            <polyline
              key={i}
              points={points(s.points)}
              fill="none"
              stroke={faulty.has(i) ? "var(--stop)" : COLOURS[s.kind]}
              strokeOpacity={faulty.has(i) || done.has(i) ? 1 : 0.3}
              strokeWidth={line * (faulty.has(i) || done.has(i) ? 1.6 : 0.8)}
            />
          ))}
          {leg && (
            <polyline
              points={points(moment.gone)}
              fill="none"
              stroke={stroke ? COLOURS[stroke.kind] : "var(--quiet)"}
              strokeDasharray={stroke ? undefined : `${line * 3} ${line * 3}`}
              strokeWidth={line * 1.6}
            />
          )}
          <circle
            cx={moment.head[0]}
            cy={moment.head[1]}
            r={line * 4}
            fill={moment.down ? "var(--accent)" : "var(--raised)"}
            stroke="var(--accent)"
            strokeWidth={line}
          />
        </g>
      </svg>
      {run.refusals.length === 0 && (
        <div className="flex flex-wrap items-center gap-3 text-base">
          <Button
            look="strong"
            onClick={() => setGoing((g) => !g)}
            disabled={at >= run.seconds}
            className="min-h-11"
          >
            {going ? <Pause aria-hidden size={18} /> : <Play aria-hidden size={18} />}{" "}
            {going ? "Pause" : "Begin"}
          </Button>
          <Button
            className="min-h-11"
            onClick={() => {
              setGoing(false);
              setAt(0);
            }}
          >
            <RotateCcw aria-hidden size={18} /> From the start
          </Button>
          <input
            type="range"
            aria-label="How far it is"
            min={0}
            max={run.seconds}
            step={0.1}
            value={at}
            onChange={(e) => setAt(Number(e.target.value))}
            className="accent-accent min-w-40 grow"
          />
          <span data-testid="cutter-time" className="font-semibold">
            {lasting(at)} of {lasting(run.seconds)}
          </span>
          <label className="flex items-center gap-1">
            shown
            <select
              aria-label="How fast it is shown"
              value={pace}
              onChange={(e) => setPace(Number(e.target.value))}
              className="border-rule bg-raised min-h-9 rounded-md border px-1"
            >
              {PACES.map((p) => (
                <option key={p} value={p}>
                  {p === 1 ? "as fast as it is" : `${p} times faster`}
                </option>
              ))}
            </select>
          </label>
          <span role="status" className="text-quiet basis-full">
            {at >= run.seconds
              ? "Done."
              : stroke
                ? `Line ${(leg?.stroke ?? 0) + 1} is ${WORDS[stroke.kind]}.`
                : "Everything up, on the way to the next line."}
          </span>
        </div>
      )}
    </>
  );
}
