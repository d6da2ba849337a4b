import { ArrowDown, ArrowUp, Copy, Plus, Trash2 } from "lucide-react";
import { useState, type KeyboardEvent } from "react";
import type { Brief, Ornament, Plan } from "../api/types";
import { Button } from "../parts/Button";
import { ChoiceWord } from "../parts/ChoiceWord";
import { TextWord } from "../parts/TextWord";
import { useMaterials } from "../bench/useTables";
import { LengthWord } from "../bench/words";
import { lengthText, pretty } from "../state/lengths";
import { panelsOf } from "../state/panels";
import { useChange, usePlan } from "../state/useBench";
import { DrawingButton } from "../parts/DrawingButton";
import { isMore } from "../parts/isMore";
import { Arrange } from "./Arrange";
import { EmbellishmentShelf } from "./EmbellishmentShelf";
import { OrnamentPlace } from "./OrnamentPlace";
import { PaperChoice } from "./PaperChoice";
import { placeOf } from "./place";
import { CORNERS, EDGES, isPart, readShape, shapeText, SIZE_WORDS, type Shape, LIBRARY } from "./shape";
import { ACROSS, AnchorWords, UP } from "./AnchorWords";
import { swapped } from "../parts/order";
import { heldBy, keyOf, TRIMMINGS, wayOf, waysOf } from "./fixing";
import { copy, useCopied } from "./copied";
import { groupOf, isLaidByOthers, pasted, renamed, withCopy } from "./ornaments";

/** What is laid on top: each with its outline, paper, lift and glue, and a place to drag it to. */
export function Ornaments() {
  const plan = usePlan((p) => p);
  const change = useChange();
  const materials = useMaterials();
  const [chosen, setChosen] = useState(0);
  const [others, setOthers] = useState<string[]>([]);
  const { ornaments } = plan.brief;
  const index = Math.min(chosen, ornaments.length - 1);
  const ornament = ornaments[index];
  const together = ornament ? [ornament.name, ...others.filter((n) => n !== ornament.name)] : [];
  const names = ornaments.filter((o) => together.includes(o.name)).map((o) => o.name);
  const choose = (i: number) => {
    setChosen(i);
    setOthers([]);
  };
  const point = (i: number, more: boolean) => {
    const name = ornaments[i]?.name;
    if (!more || name === undefined || i === index) choose(i);
    else setOthers((now) => (now.includes(name) ? now.filter((n) => n !== name) : [...now, name]));
  };
  const add = async () => {
    if (await change((b) => ({ ornaments: [...b.ornaments, fresh(plan, b)] }))) choose(ornaments.length);
  };
  const addTrimming = async (material: string) => {
    const more = trimming(plan, plan.brief, material, materials.find((m) => m.material === material)?.stock);
    if (more && (await change((b) => ({ ornaments: [...b.ornaments, more] })))) choose(ornaments.length);
  };
  const held = useCopied();
  const onKey = (e: KeyboardEvent) => {
    if (!(e.ctrlKey || e.metaKey) || e.target instanceof HTMLInputElement || !ornament) return;
    if (e.key === "c") copy(groupOf(ornaments, ornament.name));
    else if (e.key === "v" && held.length > 0)
      void change((b) => ({ ornaments: pasted(b.ornaments, held, ornament.face) })).then(
        (done) => done && choose(ornaments.length),
      );
    else return;
    e.preventDefault();
  };
  return (
    <div className="text-base" onKeyDown={onKey}>
      <p className="m-0 mb-2 flex flex-wrap items-center gap-2" role="group" aria-label="Ornaments">
        {ornaments.map((o, i) => (
          <Button
            key={o.name}
            aria-pressed={names.includes(o.name)}
            look={names.includes(o.name) ? "strong" : "plain"}
            onClick={(e) => point(i, isMore(e))}
          >
            {o.name}
          </Button>
        ))}
        <Button onClick={() => void add()} disabled={plan.faces.length === 0}>
          <Plus aria-hidden size={16} /> Add an ornament
        </Button>
        {plan.faces.length > 0 && (
          <span>
            or{" "}
            <ChoiceWord
              label="Add a trimming"
              value=""
              shown="a ribbon, a button …"
              choices={TRIMMINGS.map((t) => ({ value: t.material, label: t.label }))}
              onChoose={(material) => void addTrimming(material)}
            />
          </span>
        )}
      </p>
      {ornaments.length > 1 && (
        <p className="text-quiet m-0 mb-1 text-sm">Shift and click for more of them, to line them up.</p>
      )}
      {ornament && (
        <div className="grid grid-cols-1 gap-3 lg:grid-cols-[minmax(0,1fr)_16rem]">
          <OrnamentWords ornament={ornament} index={index} onChoose={choose} />
          <OrnamentPlace ornament={ornament} />
        </div>
      )}
      <Arrange names={names} onAdded={choose} />
      {plan.faces.length > 0 && (
        <EmbellishmentShelf
          ornament={ornament && !isPart(readShape(ornament.outline)) ? ornament.name : undefined}
          face={ornament?.face ?? shownFirst(plan)?.key ?? ""}
          onTaken={() => choose(ornaments.length)}
        />
      )}
    </div>
  );
}

/** A round one in the middle of the face that is seen first, of the topmost paper. */
function fresh(plan: Plan, brief: Brief): Ornament {
  const face = shownFirst(plan);
  const panel = panelsOf(plan).find((p) => p.name === face?.panel);
  const metric = brief.units === "METRIC";
  const width = metric ? 25 : 25.4;
  const grid = metric ? 1 : 25.4 / 16;
  const middle = (side = width) => lengthText(Math.round((side - width) / 2 / grid) * grid, brief.units);
  return {
    name: freshName(brief, "ornament"),
    face: face?.key ?? "",
    outline: `circle ${lengthText(width, brief.units)}`,
    x: middle(panel?.size.width.mm),
    y: middle(panel?.size.height.mm),
    lift: null,
    paper: brief.matting.papers.at(-1) ?? brief.base,
    glue: "OWN_PANEL",
  };
}

const shownFirst = (plan: Plan) =>
  plan.faces.find((f) => f.seen.some((m) => m.how === "CLOSED")) ?? plan.faces[0];

function freshName(brief: Brief, stem: string): string {
  const names = new Set(brief.ornaments.map((o) => o.name));
  let number = 1;
  while (names.has(`${stem} ${number}`)) number++;
  return `${stem} ${number}`;
}

/** On the face that is seen first; what runs from edge to edge goes around its mat where it has one. */
function trimming(plan: Plan, brief: Brief, material: string, stock?: string): Ornament | undefined {
  const known = TRIMMINGS.find((t) => t.material === material);
  if (!known || !stock) return undefined;
  const face = shownFirst(plan);
  const [size, from, none] =
    brief.units === "INCH" ? [known.inch, "1 in", "0 in"] : [known.metric, "25 mm", "0 mm"];
  const runs = ["RIBBON", "LACE", "TWINE"].includes(material);
  return {
    name: freshName(brief, known.name),
    face: face?.key ?? "",
    outline: runs ? `band ${size} wide, ${from} from lower, border ${none}` : size,
    x: none,
    y: none,
    across: { from: "MIDDLE" },
    up: { from: "MIDDLE" },
    lift: null,
    paper: { name: null, material: known.material, stock, colour: "#f4ecd8", print: "PLAIN" },
    glue: "OWN_PANEL",
    fixing: runs && (face?.layers ?? 0) > 0 ? "around the mat, taped" : null,
  };
}

const DRAWN = { value: "DRAWN", label: "drawn outline" };
const SHAPES = [
  { value: "CIRCLE", label: "circle" },
  { value: "RECTANGLE", label: "rectangle" },
  { value: "TURNED", label: "square on its corner" },
  ...EDGES.map((edge) => ({ value: `${edge} half`, label: `${edge} half`, hint: "part of its face" })),
  { value: "BAND", label: "band", hint: "part of its face" },
  { value: "CORNER", label: "corner of the face", hint: "cut off aslant" },
  ...LIBRARY.map((name) => ({ value: name, label: name })),
];

const TRIMS = [
  { value: "NO", label: "not trimmed" },
  { value: "YES", label: "trimmed flush", hint: "what hangs over an edge is cut off" },
];

interface OrnamentWordsProps {
  ornament: Ornament;
  index: number;
  /** Another one in its place, or it in another place. */
  onChoose(index: number): void;
}

function OrnamentWords({ ornament, index, onChoose }: OrnamentWordsProps) {
  const plan = usePlan((p) => p);
  const change = useChange();
  const field = `ornaments[${index}]`;
  const set = (part: Partial<Ornament>) =>
    change((b) => ({ ornaments: b.ornaments.map((o, i) => (i === index ? { ...o, ...part } : o)) }));
  const rearrange = async (to: (list: Ornament[]) => Ornament[], next: number) => {
    if (await change((b) => ({ ornaments: to(b.ornaments) }))) onChoose(next);
  };
  const shape = readShape(ornament.outline);
  const setShape = (next: Shape) => set({ outline: shapeText(next) });
  const placed = plan.ornaments.find((o) => o.name === ornament.name);
  const panel = panelsOf(plan).find((p) => p.name === placed?.panel);
  const at = placed && panel ? placeOf(placed, panel) : undefined;
  const choices = shape.kind === "DRAWN" ? [...SHAPES, DRAWN] : SHAPES;
  const known = plan.faces.some((f) => f.key === ornament.face);
  const length = plan.cutList.find((c) => c.name === ornament.name)?.size.width.shown;
  return (
    <div className="leading-9">
      <p className="m-0">
        The{" "}
        <TextWord
          label="Name of the ornament"
          field={`${field}.name`}
          shown={ornament.name}
          onCommit={(name) => change((b) => ({ ornaments: renamed(b.ornaments, index, name) }))}
        />{" "}
        is a{" "}
        <ChoiceWord
          label="Shape of the ornament"
          value={
            shape.kind === "LIBRARY" ? shape.name : shape.kind === "HALF" ? `${shape.edge} half` : shape.kind
          }
          choices={choices}
          onChoose={(chosen) => void setShape(ofKind(chosen, shape, plan.brief.units))}
        />{" "}
        {SIZE_WORDS[shape.kind]}{" "}
        <TextWord
          label="Size of the ornament"
          field={`${field}.outline`}
          shown={pretty(shape.size)}
          onCommit={(size) => setShape({ ...shape, size })}
        />
        {shape.kind === "BAND" && <BandWords shape={shape} field={`${field}.outline`} onChange={setShape} />}
        {shape.kind === "CORNER" && (
          <CornerWords shape={shape} field={`${field}.outline`} onChange={setShape} />
        )}
        ,{" "}
        {!ornament.fixing && (
          <DrawingButton
            of="the ornament"
            width={hasTwoSides(shape) ? widthOf(shape.size) : shape.size}
            onDrawn={(outline) => set({ outline })}
          />
        )}
      </p>
      <p className="m-0">
        of{" "}
        <PaperChoice
          label={ornament.name}
          paper={ornament.paper}
          loose
          onChoose={(paper) => void set({ paper })}
        />
        ,
      </p>
      <p className="m-0">
        on the{" "}
        <ChoiceWord
          label="Face of the ornament"
          value={ornament.face}
          shown={known ? undefined : `${ornament.face} (not on this card)`}
          choices={plan.faces.map((f) => ({ value: f.key, label: f.name }))}
          onChoose={(face) => void set({ face })}
        />
        {isPart(shape) ? (
          ","
        ) : (
          <>
            , <AnchorWords ornament={ornament} index={index} axis={ACROSS} mm={at?.x} onChange={set} /> and{" "}
            <AnchorWords ornament={ornament} index={index} axis={UP} mm={at?.y} onChange={set} />,
          </>
        )}
      </p>
      {ornament.fixing ? (
        <p className="m-0">
          <HeldWord ornament={ornament} index={index} onChange={set} />
          {length && <span className="text-quiet"> (cut {length})</span>}.
        </p>
      ) : (
        <p className="m-0">
          on{" "}
          <ChoiceWord
            label="Foam"
            value={ornament.lift ? "OWN" : "NEEDED"}
            choices={[
              { value: "NEEDED", label: "as much foam as it needs" },
              { value: "OWN", label: "foam of" },
            ]}
            onChoose={(v) => void set({ lift: v === "OWN" ? "1 mm" : null })}
          />{" "}
          {ornament.lift ? (
            <LengthWord
              label="Height of the foam"
              field={`${field}.lift`}
              text={ornament.lift}
              onCommit={(lift) => set({ lift })}
            />
          ) : (
            placed && (
              <span className="text-quiet">
                ({placed.lift.mm === 0 ? "none" : `${placed.lift.mm.toFixed(1)} mm`})
              </span>
            )
          )}
          {!isLaidByOthers(ornament) && (
            <>
              , <HeldWord ornament={ornament} index={index} onChange={set} />
            </>
          )}
          ,{" "}
          <ChoiceWord
            label="What hangs over"
            value={ornament.trimmed ? "YES" : "NO"}
            choices={TRIMS}
            onChoose={(v) => void set({ trimmed: v === "YES" || null })}
          />
          .
        </p>
      )}
      {placed && placed.crosses.length > 0 && (
        <p className="text-warn m-0 leading-snug">
          Closed, it reaches over {listed(placed.crosses)}, which part from its panel: no glue there.
        </p>
      )}
      <p className="m-0 mt-1 flex flex-wrap gap-1.5">
        <Button onClick={() => void rearrange((list) => withCopy(list, index), index + 1)}>
          <Copy aria-hidden size={16} /> Another one like it
        </Button>
        <Button
          disabled={index === 0}
          onClick={() => void rearrange((list) => swapped(list, index - 1), index - 1)}
        >
          <ArrowDown aria-hidden size={16} /> Lay it earlier
        </Button>
        <Button
          disabled={index === plan.brief.ornaments.length - 1}
          onClick={() => void rearrange((list) => swapped(list, index), index + 1)}
        >
          <ArrowUp aria-hidden size={16} /> Lay it later
        </Button>
        <Button
          onClick={() => void change((b) => ({ ornaments: b.ornaments.filter((_, i) => i !== index) }))}
        >
          <Trash2 aria-hidden size={16} /> Take it off
        </Button>
      </p>
    </div>
  );
}

/** What holds it: glue, or itself around or through something. */
function HeldWord({
  ornament,
  index,
  onChange,
}: {
  ornament: Ornament;
  index: number;
  onChange(part: Partial<Ornament>): Promise<boolean>;
}) {
  const plan = usePlan((p) => p);
  const material = ornament.paper.material ?? "PAPER";
  const ways = waysOf({
    form: useMaterials().find((m) => m.material === material)?.form ?? "SHEET",
    material,
    band: readShape(ornament.outline).kind === "BAND",
    mat: (plan.faces.find((f) => f.key === ornament.face)?.layers ?? 0) > 0,
    earlier: plan.brief.ornaments
      .slice(0, index)
      .filter((o) => o.face === ornament.face)
      .map((o) => o.name),
    units: plan.brief.units,
  });
  return (
    <ChoiceWord
      label="What holds it"
      value={wayOf(ornament)}
      shown={ways.some((w) => keyOf(w) === wayOf(ornament)) ? undefined : (ornament.fixing ?? undefined)}
      choices={ways.map((w) => ({ value: keyOf(w), label: w.label }))}
      onChoose={(key) => {
        const way = ways.find((w) => keyOf(w) === key);
        if (way) void onChange(heldBy(way));
      }}
    />
  );
}

/** Of a band: how far from which edge, and how far inside the others. */
function BandWords({
  shape,
  field,
  onChange,
}: {
  shape: Shape & { kind: "BAND" };
  field: string;
  onChange(shape: Shape): Promise<boolean>;
}) {
  return (
    <>
      ,{" "}
      <TextWord
        label="From the edge"
        field={field}
        shown={pretty(shape.from)}
        onCommit={(from) => onChange({ ...shape, from })}
      />{" "}
      from the{" "}
      <ChoiceWord
        label="Edge of the band"
        value={shape.edge}
        choices={EDGES.map((edge) => ({ value: edge, label: edge }))}
        onChoose={(edge) => void onChange({ ...shape, edge })}
      />{" "}
      edge, with a border of{" "}
      <TextWord
        label="Border of the band"
        field={field}
        shown={pretty(shape.border)}
        onCommit={(border) => onChange({ ...shape, border })}
      />
    </>
  );
}

/** Of a corner: which, and how far inside the edges. */
function CornerWords({
  shape,
  field,
  onChange,
}: {
  shape: Shape & { kind: "CORNER" };
  field: string;
  onChange(shape: Shape): Promise<boolean>;
}) {
  return (
    <>
      ,{" "}
      <ChoiceWord
        label="Which corner"
        value={shape.corner}
        choices={CORNERS.map((corner) => ({ value: corner, label: corner }))}
        onChoose={(corner) => void onChange({ ...shape, corner })}
      />
      , with a border of{" "}
      <TextWord
        label="Border of the corner"
        field={field}
        shown={pretty(shape.border)}
        onCommit={(border) => onChange({ ...shape, border })}
      />
    </>
  );
}

const listed = (names: string[]) => names.join(", ").replace(/, ([^,]*)$/, " and $1");

const widthOf = (size: string) => {
  const [width = "", height = ""] = size.split(/\s*[x×]\s*/);
  return /[a-z"]/.test(width) ? width : `${width} ${height.replace(/^[\d\s./,]+/, "")}`;
};

const hasTwoSides = (shape: Shape) => shape.kind === "RECTANGLE" || shape.kind === "LIBRARY";

/** Another kind, or outline of the library, of about the same size. */
function ofKind(chosen: string, now: Shape, units: Brief["units"]): Shape {
  const usual = units === "INCH" ? "1/8 in" : "3 mm";
  const edge = EDGES.find((e) => chosen === `${e} half`);
  if (edge) return { kind: "HALF", edge, size: usual };
  if (chosen === "CORNER")
    return {
      kind: "CORNER",
      corner: "lower right",
      size: units === "INCH" ? "2 in" : "50 mm",
      border: usual,
    };
  if (chosen === "BAND") {
    const [wide, from] = units === "INCH" ? ["3/4 in", "1 in"] : ["20 mm", "25 mm"];
    return { kind: "BAND", edge: "lower", size: wide, from, border: usual };
  }
  const one = hasTwoSides(now) ? widthOf(now.size) : now.size;
  const both = hasTwoSides(now) ? now.size : `${now.size} x ${now.size}`;
  if (LIBRARY.includes(chosen)) return { kind: "LIBRARY", name: chosen, size: both };
  if (chosen === "RECTANGLE") return { kind: chosen, size: both };
  if (chosen === "CIRCLE" || chosen === "TURNED") return { kind: chosen, size: one };
  return now;
}
