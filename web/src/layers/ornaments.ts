import type { Ornament } from "../api/types";
import { mirroredShape, readShape, shapeText } from "./shape";

type Anchor = NonNullable<Ornament["across"]>;

/** With a second one like that one directly after it; what lies on the first lies on the first alone. */
export function withCopy(ornaments: Ornament[], index: number): Ornament[] {
  const one = ornaments[index];
  if (!one) return ornaments;
  const copy = { ...one, name: freeName(one.name, new Set(ornaments.map((o) => o.name))) };
  return [...ornaments.slice(0, index + 1), copy, ...ornaments.slice(index + 1)];
}

/** That name if nothing is called so yet, otherwise the next with a number. */
function freeName(name: string, names: Set<string>): string {
  if (!names.has(name)) return name;
  const stem = name.replace(/ \d+$/, "");
  let number = 2;
  while (names.has(`${stem} ${number}`)) number++;
  return `${stem} ${number}`;
}

/** Whether no edge of its panel tells where it lies: it is put onto others before they come onto the card. */
export const isLaidByOthers = ({ across, up }: Pick<Ornament, "across" | "up">) =>
  Boolean(across?.of && up?.of);

/** The same under another name, for all that are laid by it too. */
export function renamed(ornaments: Ornament[], index: number, name: string): Ornament[] {
  const old = ornaments[index]?.name;
  const names = new Map(old === undefined ? [] : [[old, name]]);
  return ornaments.map((o, i) => laidBy(i === index ? { ...o, name } : o, names));
}

/** Laid by what these are called now. */
function laidBy(ornament: Ornament, names: Map<string, string>): Ornament {
  const by = (anchor: Ornament["across"]) =>
    anchor?.of && names.has(anchor.of) ? { ...anchor, of: names.get(anchor.of) } : anchor;
  return { ...ornament, across: by(ornament.across), up: by(ornament.up) };
}

/** An ornament with all that is laid by it both ways, itself first. */
export function groupOf(ornaments: Ornament[], name: string): Ornament[] {
  const taken = new Set([name]);
  return ornaments.filter((o) => {
    const of = o.across?.of;
    const isOn = of !== undefined && of !== null && of === o.up?.of && taken.has(of);
    if (isOn) taken.add(o.name);
    return isOn || o.name === name;
  });
}

/** With these on that face, under names of their own; what they were laid by elsewhere is not there. */
export function pasted(ornaments: Ornament[], group: Ornament[], face: string): Ornament[] {
  const names = new Set(ornaments.map((o) => o.name));
  const called = new Map<string, string>();
  for (const { name } of group) {
    const free = freeName(name, names);
    names.add(free);
    called.set(name, free);
  }
  const here = (anchor: Ornament["across"]) => (anchor?.of && !called.has(anchor.of) ? null : anchor);
  const more = group.map((o) =>
    laidBy(
      { ...o, name: called.get(o.name) ?? o.name, face, across: here(o.across), up: here(o.up) },
      called,
    ),
  );
  return [...ornaments, ...more];
}

const OTHER_SIDE: Partial<Record<Anchor["from"], Anchor["from"]>> = {
  NEAR: "FAR",
  FAR: "NEAR",
  ON_NEAR: "ON_FAR",
  ON_FAR: "ON_NEAR",
};

const negated = (text: string) =>
  text.startsWith("-") ? text.slice(1) : text.startsWith("0 ") ? text : `-${text}`;

/** From the left what lay from the right. */
function mirroredPlace(ornament: Ornament): Ornament {
  const across = ornament.across ?? { from: "NEAR" as const };
  const other = OTHER_SIDE[across.from];
  return {
    ...ornament,
    across: { ...across, from: other ?? across.from },
    x: other === "FAR" || other === "NEAR" ? ornament.x : negated(ornament.x),
  };
}

const inMirror = (ornament: Ornament): Ornament => ({
  ...ornament,
  outline: shapeText(mirroredShape(readShape(ornament.outline))),
});

/** One and all that is laid by it turned over from left to right, where it is. */
export function mirrored(ornaments: Ornament[], name: string): Ornament[] {
  const names = new Set(groupOf(ornaments, name).map((o) => o.name));
  return ornaments.map((o) =>
    names.has(o.name) ? (o.name === name ? inMirror(o) : mirroredPlace(inMirror(o))) : o,
  );
}

/** A second one like that on the other side of its face, as in a mirror. */
export function withMirrorImage(ornaments: Ornament[], name: string): Ornament[] {
  const group = groupOf(ornaments, name);
  const face = group[0]?.face;
  return face === undefined
    ? ornaments
    : pasted(
        ornaments,
        group.map((o) => mirroredPlace(inMirror(o))),
        face,
      );
}

/** How several are lined up, by the first of them. */
export const LINES = {
  left: { label: "left edges", axis: "across", from: "NEAR" },
  centre: { label: "middles, left to right", axis: "across", from: "MIDDLE" },
  right: { label: "right edges", axis: "across", from: "FAR" },
  top: { label: "top edges", axis: "up", from: "FAR" },
  middle: { label: "middles, bottom to top", axis: "up", from: "MIDDLE" },
  bottom: { label: "bottom edges", axis: "up", from: "NEAR" },
} as const;

export type Line = keyof typeof LINES;

/** Each of these laid by the first of them, so that it stays so. */
export function linedUp(ornaments: Ornament[], names: string[], line: Line, zero: string): Ornament[] {
  const { axis, from } = LINES[line];
  const first = ornaments.find((o) => names.includes(o.name));
  if (!first) return ornaments;
  return ornaments.map((o) =>
    names.includes(o.name) && o !== first && o.face === first.face
      ? { ...o, [axis]: { from, of: first.name }, [axis === "across" ? "x" : "y"]: zero }
      : o,
  );
}

/** Where one lies in one direction, in mm. */
export interface Extent {
  name: string;
  from: number;
  size: number;
}

/** With even gaps between the outermost two of these, to the ruler's marks. */
export function spaced(
  ornaments: Ornament[],
  extents: Extent[],
  axis: "across" | "up",
  textOf: (mm: number) => string,
): Ornament[] {
  const inOrder = [...extents].sort((a, b) => a.from - b.from);
  const first = inOrder[0];
  const last = inOrder.at(-1);
  if (!first || !last || inOrder.length < 3) return ornaments;
  const filled = inOrder.reduce((sum, e) => sum + e.size, 0);
  const gap = (last.from + last.size - first.from - filled) / (inOrder.length - 1);
  const places = new Map<string, number>();
  let at = first.from;
  for (const extent of inOrder) {
    places.set(extent.name, at);
    at += extent.size + gap;
  }
  return ornaments.map((o) => {
    const place = places.get(o.name);
    return place === undefined || o.name === first.name || o.name === last.name
      ? o
      : { ...o, [axis]: null, [axis === "across" ? "x" : "y"]: textOf(place) };
  });
}
