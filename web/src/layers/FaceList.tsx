import { ChevronDown, ChevronRight } from "lucide-react";
import type { Face, Mat, Paper } from "../api/types";
import { ChoiceWord } from "../parts/ChoiceWord";
import { TickWord } from "../parts/TickWord";
import { TextWord } from "../parts/TextWord";
import { pretty } from "../state/lengths";
import { useChange, usePlan } from "../state/useBench";
import {
  finishText,
  finishWords,
  NOTCHED,
  readFinish,
  STRIP_HEIGHTS,
  type Finish,
  type Notched,
  type StripHeight,
} from "./finish";
import { words } from "./moments";
import { withLayer } from "./papers";
import { PaperWords } from "./PaperWords";

interface FaceListProps {
  chosen: string | null;
  onChoose(face: string | null): void;
}

/** Every face that is seen at some time: when, what lies on it, and how wide its borders are. */
export function FaceList({ chosen, onChoose }: FaceListProps) {
  const faces = usePlan((p) => p.faces);
  const mats = usePlan((p) => p.mats);
  return (
    <ul className="m-0 list-none p-0 text-base" aria-label="Faces to dress">
      {faces.map((face) => {
        const open = face.key === chosen;
        return (
          <li key={face.key} className="border-rule border-t py-1 first:border-t-0">
            <button
              type="button"
              aria-expanded={open}
              onClick={() => onChoose(open ? null : face.key)}
              className="hover:bg-accent-soft flex min-h-9 w-full items-start gap-1 rounded text-left"
            >
              {open ? (
                <ChevronDown aria-hidden size={18} className="mt-1 shrink-0" />
              ) : (
                <ChevronRight aria-hidden size={18} className="mt-1 shrink-0" />
              )}
              <span className="grow leading-snug">
                <b>{face.name}</b> {finishWords(readFinish(face.finish))}
                <span className="text-quiet block text-sm">
                  seen {face.seen.map((s) => words(s).said).join(", ")}
                </span>
                {face.beforeAssembly && face.layers > 0 && (
                  <span className="text-warn block text-sm font-semibold">goes on before assembly</span>
                )}
              </span>
            </button>
            {open && <Dressing face={face} mats={mats.filter((m) => m.face === face.key)} />}
          </li>
        );
      })}
    </ul>
  );
}

const COVERS: Record<Notched, string> = {
  rows: "a strip on each row",
  shaped: "cut to shape",
  column: "one column between the slits",
};

const MATS = ["no mat", "1 mat", "2 mats", "3 mats"].map((label, i) => ({ value: String(i), label }));

function Dressing({ face, mats }: { face: Face; mats: Mat[] }) {
  const brief = usePlan((p) => p.brief);
  const change = useChange();
  const finish = readFinish(face.finish);
  /* From what it is by then: two words may be typed one right after the other. */
  const setFrom = (part: (now: Finish) => Partial<Finish>) =>
    change(({ matting }) => {
      const now = readFinish(matting.byFace[face.key] ?? face.finish);
      return {
        matting: {
          ...matting,
          byFace: { ...matting.byFace, [face.key]: finishText({ ...now, ...part(now) }) },
        },
      };
    });
  const set = (part: Partial<Finish>) => setFrom(() => part);
  const usualStrip = brief.units === "INCH" ? "3/4 in" : "20 mm";
  return (
    <div className="pb-1 pl-6">
      <p className="m-0 flex flex-wrap items-center gap-x-4 gap-y-1">
        <ChoiceWord
          label={`Mats on ${face.name}`}
          value={String(finish.mats)}
          choices={MATS}
          onChoose={(n) => void set({ mats: Number(n) })}
        />
        <TickWord
          label="ground"
          title="Paper over the whole panel, to its edges"
          checked={finish.ground}
          onChange={(ground) => void set({ ground })}
        />
        <TickWord
          label="writing mat"
          title="A plain paper on top, to write on"
          checked={finish.note}
          onChange={(note) => void set({ note })}
        />
        <TickWord
          label="strip"
          title="A band across the topmost paper"
          checked={finish.strip !== null}
          onChange={(on) => void set({ strip: on ? { width: usualStrip, at: "low" } : null })}
        />
        <TickWord
          label="turned"
          title="Its papers are laid the other way up"
          checked={finish.turned}
          onChange={(turned) => void set({ turned })}
        />
        {face.notched && (
          <ChoiceWord
            label={`How papers cover ${face.name}`}
            value={finish.notched}
            choices={NOTCHED.map((n) => ({ value: n, label: COVERS[n] }))}
            onChoose={(n) => void set({ notched: n as Notched })}
          />
        )}
      </p>
      {finish.strip && (
        <p className="m-0 mt-1">
          A strip of{" "}
          <TextWord
            label={`Strip on ${face.name}`}
            field={`matting.byFace.${face.key}`}
            shown={pretty(finish.strip.width)}
            onCommit={(width) => set({ strip: { width, at: finish.strip?.at ?? "low" } })}
          />{" "}
          lies{" "}
          <ChoiceWord
            label={`Height of the strip on ${face.name}`}
            value={finish.strip.at}
            choices={STRIP_HEIGHTS.map((h) => ({ value: h, label: h === "middle" ? "in the middle" : h }))}
            onChoose={(at) =>
              void set({ strip: { width: finish.strip?.width ?? usualStrip, at: at as StripHeight } })
            }
          />
          .
        </p>
      )}
      {finish.mats > 0 && (
        <OwnBorders
          face={face}
          borders={finish.borders}
          many={finish.mats + (finish.note ? 1 : 0)}
          onChange={(changed) => setFrom(({ borders }) => ({ borders: changed(borders) }))}
        />
      )}
      {finish.mats > 0 && <OwnPapers face={face} />}
      <ul className="m-0 mt-1 list-none p-0 text-sm" aria-label={`Papers on ${face.name}`}>
        {mats.map((mat, i) => (
          <li key={i} className="flex items-baseline gap-2">
            <span
              aria-hidden
              className="border-rule inline-block size-3 shrink-0 self-center rounded-sm border"
              style={{ background: mat.paper.colour }}
            />
            <span>
              {KINDS[mat.kind]} <b>{mat.size.shown}</b>, {borders(mat)}
              {mat.paper.print === "UPRIGHT" && `; its up ${upWords(mat.up)}`}
            </span>
          </li>
        ))}
      </ul>
    </div>
  );
}

interface OwnBordersProps {
  face: Face;
  borders: string[];
  many: number;
  onChange(changed: (borders: string[]) => string[]): ReturnType<ReturnType<typeof useChange>>;
}

/** How far inside the one below each layer of this face lies: 0 is flush with the edge. */
function OwnBorders({ face, borders, many, onChange }: OwnBordersProps) {
  const steps = usePlan((p) => p.brief.matting.steps);
  const upTo = (list: string[]) =>
    Array.from({ length: Math.min(many, 3) }, (_, i) => list[Math.min(i, list.length - 1)] ?? "");
  return (
    <div className="mt-1 leading-9">
      <TickWord
        label="borders of its own"
        title="Other borders than the rest of the card; 0 is flush with the edge"
        checked={borders.length > 0}
        onChange={(on) => void onChange(() => (on ? upTo(steps) : []))}
      />
      {borders.length > 0 && (
        <span className="ml-3 inline-flex gap-2">
          {upTo(borders).map((border, i) => (
            <span key={i} className="whitespace-nowrap">
              {i > 0 && "then "}
              <TextWord
                label={`Border ${i + 1} of ${face.name}`}
                field={`matting.byFace.${face.key}`}
                shown={pretty(border)}
                onCommit={(text) => onChange((now) => upTo(now).map((b, j) => (j === i ? text : b)))}
              />
            </span>
          ))}
        </span>
      )}
    </div>
  );
}

/** Papers that this face alone is dressed in. */
function OwnPapers({ face }: { face: Face }) {
  const matting = usePlan((p) => p.brief.matting);
  const change = useChange();
  const own = matting.papersByFace?.[face.key];
  const set = (papers: Paper[] | null) =>
    change((b) => {
      const rest = Object.entries(b.matting.papersByFace ?? {}).filter(([key]) => key !== face.key);
      const papersByFace = Object.fromEntries(papers ? [...rest, [face.key, papers]] : rest);
      return { matting: { ...b.matting, papersByFace } };
    });
  return (
    <div className="mt-1 leading-9">
      <TickWord
        label="papers of its own"
        title="Other papers than the rest of the card"
        checked={own !== undefined}
        onChange={(on) => void set(on ? matting.papers : null)}
      />
      {own?.slice(0, Math.max(1, face.layers)).map((paper, i) => (
        <p key={i} className="m-0">
          Layer {i + 1}:{" "}
          <PaperWords
            label={`layer ${i + 1} of ${face.name}`}
            field={`matting.papersByFace.${face.key}[${i}]`}
            paper={paper}
            onChange={(changed) => set(withLayer(own, i, changed))}
          />
        </p>
      ))}
    </div>
  );
}

const KINDS: Record<Mat["kind"], string> = {
  GROUND: "ground",
  MAT: "mat",
  NOTE: "writing mat",
  STRIP: "strip",
};

/** Even borders in one word, others side by side: rounding down to the grid leaves more on some. */
function borders({ kind, left, right, top, bottom }: Mat): string {
  if (kind === "STRIP") return `across, ${bottom.shown} above the lower edge of what carries it`;
  const all = [left, right, top, bottom];
  if (all.every((l) => l.mm === 0)) return "to the edges";
  if (all.every((l) => l.mm === left.mm)) return `border ${left.shown} all round`;
  return `border left ${left.shown}, right ${right.shown}, above ${top.shown}, below ${bottom.shown}`;
}

const UPS: Record<number, string> = {
  0: "is up on the flat piece",
  90: "points left on the flat piece",
  [-90]: "points right on the flat piece",
  180: "points down on the flat piece",
  [-180]: "points down on the flat piece",
};

const upWords = (up: number) => UPS[up] ?? `is turned ${up.toFixed(0)}° on the flat piece`;
