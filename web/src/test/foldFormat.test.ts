import fold from "fold";
import ear from "rabbit-ear";
import { describe, expect, it } from "vitest";
import burstGate from "./patterns/burst-gate.json";
import cornerFlip from "./patterns/corner-flip.json";
import freePattern from "./patterns/free-pattern.json";
import latchGate from "./patterns/latch-gate.json";
import peakedHouse from "./patterns/peaked-house.json";
import pocketCard from "./patterns/pocket-card.json";
import sideStep from "./patterns/side-step.json";
import tower from "./patterns/tower.json";

/* The reference: the npm library "fold" finds the faces from vertices and edges alone. */
interface Pattern {
  vertices_coords: number[][];
  edges_vertices: number[][];
  edges_assignment: string[];
  faces_vertices: number[][];
  file_frames?: Pattern[];
}

/** Around a ring, whatever corner and whichever way it begins. */
const ring = (face: number[]) => [...face].sort((a, b) => a - b).join(",");

function facesFound(pattern: Pattern): string[] {
  const { vertices_coords, edges_vertices } = structuredClone(pattern);
  const found = fold.convert.edges_vertices_to_faces_vertices({ vertices_coords, edges_vertices });
  return found.faces_vertices.map(ring).sort();
}

describe.each([
  ["latch-gate", latchGate as unknown as Pattern],
  ["side-step", sideStep as unknown as Pattern],
  ["tower", tower as unknown as Pattern],
  ["burst gate's lining", (burstGate as unknown as Pattern).file_frames?.[0] as unknown as Pattern],
  ["peaked house", peakedHouse as unknown as Pattern],
  ["corner flip", cornerFlip as unknown as Pattern],
  ["pocket card", pocketCard as unknown as Pattern],
  ["free pattern", freePattern as unknown as Pattern],
])("the exported crease pattern of the %s", (_, pattern) => {
  it("has the faces that the library finds", () => {
    expect(pattern.faces_vertices.map(ring).sort()).toEqual(facesFound(pattern));
  });

  it("has an assignment for every edge", () => {
    expect(pattern.edges_assignment).toHaveLength(pattern.edges_vertices.length);
    expect(pattern.edges_assignment.some((a) => a === "M" || a === "V")).toBe(true);
  });
});

/* The reference: the npm library "rabbit-ear" judges every interior vertex, and folds the pattern flat. */
describe.each([
  ["burst gate's lining", (burstGate as unknown as Pattern).file_frames?.[0] as unknown as Pattern],
  ["peaked house", peakedHouse as unknown as Pattern],
  ["free pattern", freePattern as unknown as Pattern],
])("the vertices of the %s", (_, pattern) => {
  it("obey Kawasaki and Maekawa", () => {
    const graph = ear.graph.populate(structuredClone(pattern));
    expect(ear.singleVertex.validateKawasaki(graph)).toEqual([]);
    expect(ear.singleVertex.validateMaekawa(graph)).toEqual([]);
  });

  it("keep the length of every edge when they are folded flat", () => {
    const folded = ear.graph.makeVerticesCoordsFlatFolded(structuredClone(pattern));
    const length = (at: number[][], [a = 0, b = 0]: number[]) =>
      Math.hypot((at[a]?.[0] ?? 0) - (at[b]?.[0] ?? 0), (at[a]?.[1] ?? 0) - (at[b]?.[1] ?? 0));
    for (const edge of pattern.edges_vertices)
      expect(length(folded, edge)).toBeCloseTo(length(pattern.vertices_coords, edge), 6);
  });
});

const box = (coords: number[][]) => {
  const xs = coords.map(([x = 0]) => x);
  const ys = coords.map(([, y = 0]) => y);
  return [Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys)];
};

/* The reference: "rabbit-ear" folds a flat pattern by itself, every score all the way; the closed card that the file tells is as large. */
it("tells the closed card as the library folds it", () => {
  type Told = Pattern & { edges_foldAngle: number[]; file_frames: (Pattern & { frame_classes: string[] })[] };
  const whole = (
    [cornerFlip, freePattern, latchGate, peakedHouse, sideStep, tower] as unknown as Told[]
  ).filter(
    (p) =>
      p.file_frames.length === 1 &&
      p.edges_assignment.every((a, i) => !"MV".includes(a) || Math.abs(p.edges_foldAngle[i] ?? 0) === 180),
  );
  expect(whole.length).toBeGreaterThan(0);
  for (const pattern of whole) {
    const closed = pattern.file_frames[0];
    expect(closed?.frame_classes).toEqual(["foldedForm"]);
    const graph = ear.graph.populate(structuredClone(pattern));
    const [width = 0, height = 0] = box(ear.graph.makeVerticesCoordsFlatFolded(graph));
    const told = box(closed?.vertices_coords ?? []);
    expect(told[0]).toBeCloseTo(width, 2);
    expect(told[1]).toBeCloseTo(height, 2);
  }
});
