/** The part of the npm library "fold" that the tests use; it ships without types. */
declare module "fold" {
  interface Graph {
    vertices_coords: number[][];
    edges_vertices: number[][];
  }
  const fold: {
    convert: { edges_vertices_to_faces_vertices(graph: Graph): Graph & { faces_vertices: number[][] } };
  };
  export default fold;
}

/** The part of the npm library "rabbit-ear" that the tests use. */
declare module "rabbit-ear" {
  interface Graph {
    vertices_coords: number[][];
    edges_vertices: number[][];
    edges_assignment: string[];
    faces_vertices: number[][];
  }
  const ear: {
    graph: { populate(graph: Graph): Graph; makeVerticesCoordsFlatFolded(graph: Graph): number[][] };
    singleVertex: { validateKawasaki(graph: Graph): number[]; validateMaekawa(graph: Graph): number[] };
  };
  export default ear;
}
