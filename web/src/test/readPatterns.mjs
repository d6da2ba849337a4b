/* global console, process, structuredClone */
/* Reads every FOLD file of a folder with the npm libraries "fold" and "rabbit-ear", and says what they find otherwise. */
import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import fold from "fold";
import ear from "rabbit-ear";

const [folder] = process.argv.slice(2);
const faults = [];
let read = 0;

/** Around a ring, whatever corner and whichever way it begins. */
const ring = (face) => [...face].sort((a, b) => a - b).join(",");

/**
 * The rings that a face consists of: one, and one more for every opening in it, to which it goes along an edge and back again.
 * @param bridges those edges, for the library takes a face that comes twice by a corner apart
 */
function ringsOf(face, bridges) {
  const after = new Map();
  face.forEach((v, i) => {
    const next = face[(i + 1) % face.length];
    const edge = ring([v, next]);
    const isBack = face.some((u, k) => u === next && face[(k + 1) % face.length] === v);
    if (isBack) bridges.add(edge);
    else after.set(v, next);
  });
  const found = [];
  while (after.size > 0) {
    const [first] = after.keys();
    const around = [];
    for (let v = first; after.has(v);) {
      around.push(v);
      const next = after.get(v);
      after.delete(v);
      v = next;
    }
    found.push(ring(around));
  }
  return found;
}

function look(name, pattern) {
  const { vertices_coords, edges_vertices, edges_assignment, edges_foldAngle, faces_vertices } = pattern;
  const bridges = new Set();
  const told = faces_vertices.flatMap((face) => ringsOf(face, bridges)).sort();
  const found = fold.convert
    .edges_vertices_to_faces_vertices({
      vertices_coords: structuredClone(vertices_coords),
      edges_vertices: structuredClone(edges_vertices.filter((edge) => !bridges.has(ring(edge)))),
    })
    .faces_vertices.map(ring)
    .sort();
  if (told.join("; ") !== found.join("; "))
    faults.push(`${name}: ${told.join("; ")}, but found ${found.join("; ")}`);
  if (edges_assignment.length !== edges_vertices.length) faults.push(`${name}: edges without assignment`);
  edges_assignment.forEach((kind, i) => {
    const angle = edges_foldAngle?.[i] ?? null;
    const right = angle === null || (kind === "V" ? angle > 0 : kind === "M" ? angle < 0 : angle === 0);
    if (!right) faults.push(`${name}: edge ${i} is ${kind} and folds by ${angle}`);
  });
  const graph = ear.graph.populate(structuredClone(pattern));
  if (graph.edges_faces.some((faces) => faces.length < 1 || faces.length > 2))
    faults.push(`${name}: an edge that is at no face`);
  read++;
}

for (const file of readdirSync(folder)) {
  const pattern = JSON.parse(readFileSync(join(folder, file), "utf8"));
  look(file, pattern);
  for (const frame of pattern.file_frames ?? [])
    if (!frame.frame_classes?.includes("foldedForm")) look(`${file}, ${frame.frame_title}`, frame);
}
console.log(faults.length > 0 ? faults.join("\n") : `${read} patterns read`);
process.exit(faults.length > 0 ? 1 : 0);
