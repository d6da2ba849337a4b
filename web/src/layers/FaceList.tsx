import { ChevronDown, ChevronRight } from "lucide-react";
import type { Brief, Face, Mat } from "../api/types";
import { Button } from "../parts/Button";
import { ChoiceWord } from "../parts/ChoiceWord";
import { counted } from "../parts/counted";
import { isMore } from "../parts/isMore";
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
import { lookOf } from "../parts/paperLook";
import { ofLayer, withLayer } from "./papers";
import { PaperChoice } from "./PaperChoice";
import { alike, everySecond, inPairs, pointed, type Selection } from "./selection";

interface FaceListProps {
  selection: Selection;
  onSelect(selection: Selection): void;
}

/** Every face that is seen at some time: when, and what lies on it. Those that are chosen are dressed alike. */
export function FaceList({ selection, onSelect }: FaceListProps) {
  const faces = usePlan((p) => p.faces);
  const mats = usePlan((p) => p.mats);
  const chosen = faces.filter((f) => selection.includes(f.key));
  return (
    <>
      <div className="bg-raised sticky top-0 z-10 max-h-[60vh] overflow-y-auto pb-1">
        <div role="group" aria-label="Choose faces" className="mb-1 flex flex-wrap items-center gap-1.5">
          <Button onClick={() => onSelect(faces.map((f) => f.key))}>All</Button>
          <Button onClick={() => onSelect(faces.filter((f) => f.layers > 0).map((f) => f.key))}>
            Dressed
          </Button>
          <Button disabled={chosen.length === 0} onClick={() => onSelect(alike(faces, selection))}>
            Alike
          </Button>
          <Button onClick={() => onSelect(everySecond(faces, selection))}>Every second</Button>
          <Button onClick={() => onSelect(inPairs(faces, selection))}>In pairs</Button>
          <Button disabled={chosen.length === 0} onClick={() => onSelect([])}>
            None
          </Button>
        </div>
        {chosen.length > 1 && (
          <section aria-label="Faces dressed alike" className="bg-sunken mb-2 rounded-md px-2 py-1">
            <p className="m-0 font-semibold">{counted(chosen.length, "face")}, dressed alike:</p>
            <Dressing faces={chosen} mats={[]} />
          </section>
        )}
      </div>
      <ul className="m-0 list-none p-0 text-base" aria-label="Faces to dress">
        {faces.map((face) => {
          const open = selection.includes(face.key);
          const alone = open && chosen.length === 1;
          return (
            <li key={face.key} className="border-rule border-t py-1 first:border-t-0">
              <button
                type="button"
                aria-expanded={alone}
                aria-pressed={open}
                onClick={(e) => onSelect(pointed(selection, face.key, isMore(e)))}
                className={`hover:bg-accent-soft flex min-h-9 w-full items-start gap-1 rounded text-left ${open ? "bg-accent-soft" : ""}`}
              >
                {alone ? (
                  <ChevronDown aria-hidden size={18} className="mt-1 shrink-0" />
                ) : (
                  <ChevronRight aria-hidden size={18} className="mt-1 shrink-0" />
                )}
                <span className="grow leading-snug">
                  <b>{face.name}</b> {finishWords(readFinish(face.finish))}
                  <span className="text-quiet block text-sm">
                    seen {face.seen.map((s) => words(s).said).join(", ")}
                  </span>
                  {face.covers.length > 0 && (
                    <span className="text-quiet block text-sm">{face.covers.join(", ")}</span>
                  )}
                  {face.beforeAssembly && face.layers > 0 && (
                    <span className="text-warn block text-sm font-semibold">goes on before assembly</span>
                  )}
                </span>
              </button>
              {alone && <Dressing faces={[face]} mats={mats.filter((m) => m.face === face.key)} />}
            </li>
          );
        })}
      </ul>
      <OwnDressing />
    </>
  );
}

/** What is dressed otherwise than the rest of the card, and a way back. */
function OwnDressing() {
  const faces = usePlan((p) => p.faces);
  const { byFace, papersByFace } = usePlan((p) => p.brief.matting);
  const change = useChange();
  const own = faces.filter((f) => f.key in byFace || f.key in (papersByFace ?? {}));
  if (own.length === 0) return null;
  return (
    <p className="border-rule m-0 mt-2 flex flex-wrap items-center gap-2 border-t pt-2">
      <span>{counted(own.length, "face")} dressed by itself</span>
      <Button
        onClick={() => void change((b) => ({ matting: { ...b.matting, byFace: {}, papersByFace: null } }))}
      >
        Dress all faces the usual way
      </Button>
    </p>
  );
}

const COVERS: Record<Notched, string> = {
  rows: "a strip on each row",
  shaped: "cut to shape",
  column: "one column between the slits",
};

/** Of no choice: whichever is taken then changes something. */
const DIFFERENT = "different";

const MATS = ["no mat", "1 mat", "2 mats", "3 mats"].map((label, i) => ({ value: String(i), label }));

/** What lies on a face, or on several that are dressed alike: shown is what the first of them has. */
function Dressing({ faces, mats }: { faces: Face[]; mats: Mat[] }) {
  const brief = usePlan((p) => p.brief);
  const change = useChange();
  const [face] = faces;
  if (!face) return null;
  const called = faces.length > 1 ? "these faces" : face.name;
  const finish = readFinish(face.finish);
  const isAlike = <T,>(of: (finish: Finish) => T) =>
    faces.every((f) => of(readFinish(f.finish)) === of(finish));
  /* From what it is by then: two words may be typed one right after the other. */
  const setFrom = (part: (now: Finish) => Partial<Finish>) =>
    change(({ matting }) => {
      const byFace = { ...matting.byFace };
      for (const one of faces) {
        const now = readFinish(byFace[one.key] ?? one.finish);
        byFace[one.key] = finishText({ ...now, ...part(now) });
      }
      return { matting: { ...matting, byFace } };
    });
  const set = (part: Partial<Finish>) => setFrom(() => part);
  const usualStrip = brief.units === "INCH" ? "3/4 in" : "20 mm";
  return (
    <div className="pb-1 pl-6">
      <p className="m-0 flex flex-wrap items-center gap-x-4 gap-y-1">
        <ChoiceWord
          label={`Mats on ${called}`}
          value={isAlike((f) => f.mats) ? String(finish.mats) : DIFFERENT}
          shown={isAlike((f) => f.mats) ? undefined : "different mats"}
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
        {faces.some((f) => f.notched) && (
          <ChoiceWord
            label={`How papers cover ${called}`}
            value={isAlike((f) => f.notched) ? finish.notched : DIFFERENT}
            shown={isAlike((f) => f.notched) ? undefined : "covered differently"}
            choices={NOTCHED.map((n) => ({ value: n, label: COVERS[n] }))}
            onChoose={(n) => void set({ notched: n as Notched })}
          />
        )}
      </p>
      {finish.strip && (
        <p className="m-0 mt-1">
          A strip of{" "}
          <TextWord
            label={`Strip on ${called}`}
            field={`matting.byFace.${face.key}`}
            shown={pretty(finish.strip.width)}
            onCommit={(width) => set({ strip: { width, at: finish.strip?.at ?? "low" } })}
          />{" "}
          lies{" "}
          <ChoiceWord
            label={`Height of the strip on ${called}`}
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
          called={called}
          borders={finish.borders}
          many={finish.mats + (finish.note ? 1 : 0)}
          onChange={(changed) => setFrom(({ borders }) => ({ borders: changed(borders) }))}
        />
      )}
      {finish.mats > 0 && <FacePapers faces={faces} many={Math.min(finish.mats, 3)} />}
      <ul className="m-0 mt-1 list-none p-0 text-sm" aria-label={`Papers on ${called}`}>
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
  called: string;
  borders: string[];
  many: number;
  onChange(changed: (borders: string[]) => string[]): ReturnType<ReturnType<typeof useChange>>;
}

/** How far inside the one below each layer of this face lies: 0 is flush with the edge. */
function OwnBorders({ face, called, borders, many, onChange }: OwnBordersProps) {
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
                label={`Border ${i + 1} of ${called}`}
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

/** What the mats of these faces are cut from, where that is not what the whole card has. */
function FacePapers({ faces, many }: { faces: Face[]; many: number }) {
  const matting = usePlan((p) => p.brief.matting);
  const change = useChange();
  const set = (papers: (now: Brief["matting"], key: string) => Brief["matting"]["papers"] | null) =>
    change((b) => {
      const own = { ...b.matting.papersByFace };
      for (const { key } of faces) {
        const list = papers(b.matting, key);
        if (list) own[key] = list;
        else delete own[key];
      }
      return { matting: { ...b.matting, papersByFace: Object.keys(own).length > 0 ? own : null } };
    });
  const isOwn = faces.some((f) => f.key in (matting.papersByFace ?? {}));
  return (
    <div className="mt-1 leading-9">
      {Array.from({ length: many }, (_, i) => {
        const papers = faces.map((f) => ofLayer(matting.papersByFace?.[f.key] ?? matting.papers, i));
        const [paper] = papers;
        const alikeHere = papers.every((p) => p && paper && lookOf(p) === lookOf(paper));
        return (
          <p key={i} className="m-0">
            Layer {i + 1} from{" "}
            <PaperChoice
              label={`layer ${i + 1} here`}
              paper={alikeHere ? paper : undefined}
              onChoose={(chosen) =>
                void set((now, key) => withLayer(now.papersByFace?.[key] ?? now.papers, i, chosen))
              }
            />
          </p>
        );
      })}
      {isOwn && <Button onClick={() => void set(() => null)}>Papers as on the rest of the card</Button>}
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
