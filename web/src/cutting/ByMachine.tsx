import { useState } from "react";
import { Link } from "react-router";
import { partSvgAddress, sheetSvgAddress } from "../api/client";
import { Block } from "../parts/Block";
import { Field } from "../parts/Field";
import { usePlan } from "../state/useBench";

interface ByMachineProps {
  project: string;
  /** The cutting plan and the sheet of it that is looked at; absent before there is one. */
  sheet?: { plan: string; number: number };
}

const LINK = "underline";

/** Cut files for those who have a machine: the sheet as it is laid out, or one part by itself. */
export function ByMachine({ project, sheet }: ByMachineProps) {
  const parts = usePlan((p) => p.parts);
  const [wanted, setWanted] = useState("");
  const [dash, setDash] = useState("0");
  const [gap, setGap] = useState("0");
  const part = parts.find((p) => p.id === wanted) ?? parts[0];
  if (!part) return null;
  const single = partSvgAddress(project, part.id, Number(dash) || 0, Number(gap) || 0);
  const whole = sheet && sheetSvgAddress(project, sheet.plan, sheet.number);
  return (
    <Block title="By a cutting machine">
      <div className="flex flex-wrap items-end gap-4 text-base">
        {whole && sheet && (
          <p className="m-0">
            Sheet {sheet.number}:{" "}
            <a className={LINK} href={whole}>
              cut file, SVG
            </a>{" "}
            ·{" "}
            <Link className={LINK} to={`/cutter?from=${encodeURIComponent(whole)}`}>
              walk it on the cutter
            </Link>
          </p>
        )}
        <label className="text-quiet flex flex-col text-sm">
          One part
          <select
            value={part.id}
            onChange={(e) => setWanted(e.target.value)}
            className="border-rule bg-ground text-ink min-h-9 max-w-72 rounded-md border px-2 text-base"
          >
            {parts.map((p) => (
              <option key={p.id} value={p.id}>
                {p.label}
              </option>
            ))}
          </select>
        </label>
        <Field
          label="Perforate scores: cut, mm"
          type="number"
          min={0}
          step={0.5}
          value={dash}
          onChange={(e) => setDash(e.target.value)}
          className="w-24"
        />
        <Field
          label="and leave, mm"
          type="number"
          min={0}
          step={0.5}
          value={gap}
          onChange={(e) => setGap(e.target.value)}
          className="w-24"
        />
        <p className="m-0">
          <a className={LINK} href={single}>
            cut file, SVG
          </a>{" "}
          ·{" "}
          <Link className={LINK} to={`/cutter?from=${encodeURIComponent(single)}`}>
            walk it on the cutter
          </Link>
        </p>
      </div>
    </Block>
  );
}
