import type { Brief, Ornament } from "../api/types";

/** How a thing can be held: the words of the brief, and what a maker reads. */
export interface Way {
  value: string;
  label: string;
  hint?: string;
  /** The ornament that it goes around or through. */
  of?: string;
}

const GLUED: Way[] = [
  { value: "OWN_PANEL", label: "glued to its panel only" },
  { value: "WHOLE", label: "glued all over" },
];

const ENDS = [
  { end: "taped", label: "ends taped behind" },
  { end: "bow", label: "tied in a bow" },
  { end: "knot", label: "tied in a knot" },
];

interface Held {
  form: "SHEET" | "LENGTH" | "READY";
  material: string;
  /** Whether it runs from edge to edge. */
  band: boolean;
  /** Whether its face has a mat. */
  mat: boolean;
  /** Names of the ornaments laid before it on its face. */
  earlier: string[];
  units: Brief["units"];
}

/** The ways to hold that thing there. */
export function waysOf({ form, material, band, mat, earlier, units }: Held): Way[] {
  const holders = [
    ...(mat ? [{ word: "mat", label: "the mat", of: undefined }] : []),
    { word: "panel", label: "the panel", of: undefined },
    ...earlier.map((name) => ({ word: "ornament", label: `the ${name}`, of: name })),
  ];
  if (form === "LENGTH" && band)
    return [
      ...GLUED,
      ...holders.flatMap((h) =>
        ENDS.map(({ end, label }) => ({
          value: `around the ${h.word}, ${end}`,
          label: `around ${h.label}, ${label}`,
          of: h.of,
        })),
      ),
    ];
  if (form === "LENGTH") {
    const apart = units === "INCH" ? "1/4 in" : "6 mm";
    return [
      ...GLUED,
      ...holders.flatMap((h) =>
        ENDS.slice(1).map(({ end, label }) => ({
          value: `through the ${h.word}, holes ${apart} apart, ${end}`,
          label: `through two holes in ${h.label}, ${label}`,
          of: h.of,
        })),
      ),
    ];
  }
  if (material === "BRAD" || material === "STAPLE")
    return [
      ...GLUED,
      ...holders.map((h) => ({ value: `through the ${h.word}`, label: `through ${h.label}`, of: h.of })),
    ];
  return GLUED;
}

/** A way's own key: two that go around ornaments differ by these. */
export const keyOf = (way: Pick<Way, "value" | "of">) => (way.of ? `${way.value} of ${way.of}` : way.value);

/** The way of this ornament. */
export const wayOf = (o: Ornament) =>
  keyOf({
    value: o.fixing ?? o.glue,
    of: o.fixing?.includes("the ornament") ? (o.across?.of ?? "") : undefined,
  });

/** What of the ornament changes with that way. */
export function heldBy(way: Way): Partial<Ornament> {
  if (GLUED.some((g) => g.value === way.value)) return { fixing: null, glue: way.value as Ornament["glue"] };
  const by = way.of ? { from: "MIDDLE" as const, of: way.of } : null;
  return { fixing: way.value, lift: null, trimmed: null, ...(by && { across: by, up: by }) };
}

/** What can be added, with its usual size: common practice. */
export const TRIMMINGS = [
  { material: "RIBBON", label: "a ribbon", name: "ribbon", inch: "3/8 in", metric: "10 mm" },
  { material: "LACE", label: "lace", name: "lace", inch: "3/4 in", metric: "20 mm" },
  { material: "TWINE", label: "twine", name: "twine", inch: "1/16 in", metric: "2 mm" },
  { material: "BOW", label: "a bow, ready tied", name: "bow", inch: "1 1/2 x 3/4 in", metric: "40 x 20 mm" },
  { material: "BUTTON", label: "a button", name: "button", inch: "circle 1/2 in", metric: "circle 12 mm" },
  { material: "GEM", label: "a gem", name: "gem", inch: "circle 1/4 in", metric: "circle 6 mm" },
  { material: "BRAD", label: "a brad", name: "brad", inch: "circle 1/4 in", metric: "circle 6 mm" },
  { material: "STAPLE", label: "a staple", name: "staple", inch: "1/2 x 1/16 in", metric: "12 x 2 mm" },
  { material: "TWIG", label: "a twig", name: "twig", inch: "1/4 x 3 in", metric: "6 x 75 mm" },
] as const;
