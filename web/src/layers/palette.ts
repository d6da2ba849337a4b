import type { Brief, Paper, Plan } from "../api/types";
import { lookOf } from "../parts/paperLook";

/** Where a card takes a paper. */
export interface Place {
  /** What is cut from it: "the base", "layer 1", "left gate (back side)". */
  role: string;
  /** What it is called with others like it. */
  sort: string;
  paper: Paper;
  /** Whether it is folded: not everything can be. */
  folds: boolean;
  /** Whether it need not come off a sheet. */
  loose?: boolean;
  put(brief: Brief, paper: Paper): Brief;
}

type Dressed = Pick<Plan, "brief" | "parts" | "faces">;

/** Every place of a card that a paper lies at, from the base up. */
export function placesOf({ brief, parts, faces }: Dressed): Place[] {
  const own = brief.piecePapers ?? {};
  const layers = Math.max(1, ...faces.map((f) => f.layers));
  const names = parts.filter((p) => p.kind === "PIECE").map((p) => p.name);
  const sortOf = (name: string) => parts.find((p) => p.name === name)?.sort ?? name;
  const nameOf = (key: string) => faces.find((f) => f.key === key);
  return [
    {
      role: "the base",
      sort: "the base",
      paper: brief.base,
      folds: true,
      put: (b, base) => ({ ...b, base }),
    },
    ...Object.entries(own)
      .filter(([piece]) => names.includes(piece))
      .map(([piece, paper]) => ({
        role: piece,
        sort: sortOf(piece),
        paper,
        folds: true,
        put: (b: Brief, changed: Paper) => ({ ...b, piecePapers: { ...b.piecePapers, [piece]: changed } }),
      })),
    ...brief.matting.papers.slice(0, layers).map((paper, i) => ({
      role: `layer ${i + 1}`,
      sort: `layer ${i + 1}`,
      paper,
      folds: false,
      put: (b: Brief, changed: Paper) => ({
        ...b,
        matting: { ...b.matting, papers: at(b.matting.papers, i, changed) },
      }),
    })),
    ...Object.entries(brief.matting.papersByFace ?? {}).flatMap(([key, papers]) => {
      const face = nameOf(key);
      return face
        ? papers.slice(0, Math.max(1, face.layers)).map((paper, i) => ({
            role: face.name,
            sort: face.sort,
            paper,
            folds: false,
            put: (b: Brief, changed: Paper) => ({
              ...b,
              matting: {
                ...b.matting,
                papersByFace: {
                  ...b.matting.papersByFace,
                  [key]: at(b.matting.papersByFace?.[key] ?? [], i, changed),
                },
              },
            }),
          }))
        : [];
    }),
    ...brief.ornaments.map((ornament, i) => ({
      role: `the ${ornament.name}`,
      sort: ornament.name,
      paper: ornament.paper,
      folds: false,
      loose: true,
      put: (b: Brief, paper: Paper) => ({
        ...b,
        ornaments: b.ornaments.map((o, j) => (j === i ? { ...o, paper } : o)),
      }),
    })),
  ];
}

const at = <T>(list: T[], i: number, value: T) => list.map((old, j) => (j === i ? value : old));

/** A paper of the card, what it is called, and where it lies. */
export interface Used {
  paper: Paper;
  called: string;
  /** What its back shows. */
  behind: { colour: string };
  places: Place[];
}

/** The card's papers, each once; one without a place follows from the others. */
export function paletteOf(plan: Dressed & Pick<Plan, "papers">): Used[] {
  const places = placesOf(plan);
  return plan.papers.map(({ paper, called, behind }) => ({
    paper,
    called,
    behind,
    places: places.filter((p) => lookOf(p.paper) === lookOf(paper)),
  }));
}

/** The brief with that paper at all these places. */
export const withPaper = (brief: Brief, places: Place[], paper: Paper): Brief =>
  places.reduce((changed, place) => place.put(changed, paper), brief);

/** "the base, 4 × bar and layer 1": many that are called alike are counted. */
export function rolesOf(places: Place[]): string {
  const sorts = new Map<string, Place[]>();
  for (const place of places) sorts.set(place.sort, [...(sorts.get(place.sort) ?? []), place]);
  const said = [...sorts].map(([sort, some]) =>
    some.length > 1 ? `${some.length} × ${sort}` : (some[0]?.role ?? sort),
  );
  return said.join(", ").replace(/, ([^,]*)$/, " and $1");
}

/** A name that no paper of the card has yet. */
export function freshName(papers: { called: string }[]): string {
  const names = new Set(papers.map((p) => p.called));
  let number = 1;
  while (names.has(`paper ${number}`)) number++;
  return `paper ${number}`;
}
