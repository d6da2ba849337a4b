import fold from "fold";
import { describe, expect, it } from "vitest";
import latchGate from "./patterns/latch-gate.json";
import sideStep from "./patterns/side-step.json";
import tower from "./patterns/tower.json";

/* The reference: the npm library "fold" finds the faces from vertices and edges alone. */
interface Pattern {
  vertices_coords: number[][];
  edges_vertices: number[][];
  edges_assignment: string[];
  faces_vertices: number[][];
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
])("the exported crease pattern of the %s", (_, pattern) => {
  it("has the faces that the library finds", () => {
    expect(pattern.faces_vertices.map(ring).sort()).toEqual(facesFound(pattern));
  });

  it("has an assignment for every edge", () => {
    expect(pattern.edges_assignment).toHaveLength(pattern.edges_vertices.length);
    expect(new Set(pattern.edges_assignment)).toContain("M");
  });
});
