import fold from "fold";
import ear from "rabbit-ear";
import { describe, expect, it } from "vitest";
import burstGate from "./patterns/burst-gate.json";
import cornerFlip from "./patterns/corner-flip.json";
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
  ["latch-gate", latchGate as Pattern],
  ["side-step", sideStep as Pattern],
  ["tower", tower as Pattern],
  ["burst gate's lining", (burstGate as Pattern).file_frames?.[0] as Pattern],
  ["peaked house", peakedHouse as Pattern],
  ["corner flip", cornerFlip as Pattern],
  ["pocket card", pocketCard as Pattern],
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
  ["burst gate's lining", (burstGate as Pattern).file_frames?.[0] as Pattern],
  ["peaked house", peakedHouse as Pattern],
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
