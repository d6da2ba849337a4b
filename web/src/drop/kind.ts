/** What a dropped file is. */
export type Kind =
  | { kind: "project"; document: unknown }
  | { kind: "pattern"; file: object }
  | { kind: "papers"; text: string }
  | { kind: "drawing"; text: string }
  | { kind: "backup" }
  | { kind: "refused"; why: string };

const LARGEST = 100 * 1024 * 1024;

/**
 * By its name, and by what stands in it.
 * @param text its content, as far as it is small enough to be read
 */
export function kindOf(name: string, size: number, text: string): Kind {
  const ending = /\.([a-z0-9]+)$/i.exec(name)?.[1]?.toLowerCase() ?? "";
  if (size === 0) return { kind: "refused", why: `${name} is empty.` };
  if (size > LARGEST) return { kind: "refused", why: `${name} is larger than 100 MB.` };
  switch (ending) {
    case "zip":
      return { kind: "backup" };
    case "svg":
      return { kind: "drawing", text };
    case "csv":
      return { kind: "papers", text };
    case "fold":
      return patternOf(name, text);
    case "json":
      return projectOf(name, text);
    case "png":
    case "jpg":
    case "jpeg":
      return {
        kind: "refused",
        why: `${name} is a picture: add it to a sheet in Papers, or to an entry of the logbook.`,
      };
    case "pdf":
      return {
        kind: "refused",
        why: `${name} is a print: it has no card in it. A card comes back from its .json.`,
      };
    default:
      return {
        kind: "refused",
        why: `${name} is nothing that is known here: a card (.json), a flat pattern (.fold), a cut file (.svg), a table of papers (.csv) or a backup (.zip) is.`,
      };
  }
}

function patternOf(name: string, text: string): Kind {
  try {
    const file: unknown = JSON.parse(text);
    if (typeof file === "object" && file !== null) return { kind: "pattern", file };
  } catch {
    // told below: it is no FOLD file either way
  }
  return { kind: "refused", why: `${name} is no FOLD file: there is no JSON object in it.` };
}

function projectOf(name: string, text: string): Kind {
  try {
    const document: unknown = JSON.parse(text);
    if (typeof document === "object" && document !== null && "vantbreeze" in document)
      return { kind: "project", document };
    return { kind: "refused", why: `${name} is no card of Vantbreeze: it lacks (vantbreeze).` };
  } catch {
    return { kind: "refused", why: `${name} is no JSON.` };
  }
}
