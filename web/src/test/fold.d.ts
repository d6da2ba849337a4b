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
