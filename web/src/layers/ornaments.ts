import type { Ornament } from "../api/types";

/** With a second one like that one directly after it; what lies on the first lies on the first alone. */
export function withCopy(ornaments: Ornament[], index: number): Ornament[] {
  const one = ornaments[index];
  if (!one) return ornaments;
  const names = new Set(ornaments.map((o) => o.name));
  const stem = one.name.replace(/ \d+$/, "");
  let number = 2;
  while (names.has(`${stem} ${number}`)) number++;
  const copy = { ...one, name: `${stem} ${number}` };
  return [...ornaments.slice(0, index + 1), copy, ...ornaments.slice(index + 1)];
}

/** Whether no edge of its panel tells where it lies: it is put onto others before they come onto the card. */
export const isLaidByOthers = ({ across, up }: Pick<Ornament, "across" | "up">) =>
  Boolean(across?.of && up?.of);

/** The same under another name, for all that are laid by it too. */
export function renamed(ornaments: Ornament[], index: number, name: string): Ornament[] {
  const old = ornaments[index]?.name;
  const by = (anchor: Ornament["across"]) => (anchor?.of === old ? { ...anchor, of: name } : anchor);
  return ornaments.map((o, i) =>
    i === index
      ? { ...o, name }
      : o.across?.of === old || o.up?.of === old
        ? { ...o, across: by(o.across) as Ornament["across"], up: by(o.up) as Ornament["up"] }
        : o,
  );
}
