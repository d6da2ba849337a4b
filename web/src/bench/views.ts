/** What a card can be looked at in; paths are relative to its project, keys work wherever nothing is typed. */
export const VIEWS = [
  { path: "", name: "Bench", key: "B" },
  { path: "layers", name: "Layers", key: "L" },
  { path: "post", name: "Envelope and post", key: "E" },
  { path: "cutting", name: "Cutting", key: "C" },
  { path: "make", name: "Make", key: "M" },
] as const;
