/** A pattern as it is edited: every part on a row of its own, the unit last. */
export const asRows = (text: string) =>
  text
    .trim()
    .replace(/\s+(mm|in)$/, "; $1")
    .split(/\s*;\s*/)
    .join("\n");

/** As it is sent. */
export const asText = (rows: string) =>
  rows
    .split(/[\n;]/)
    .map((row) => row.trim())
    .filter((row) => row !== "")
    .join("; ")
    .replace(/;\s*(mm|in)$/, " $1");

/** "6 lines": what is scored and cut within the outline. */
export function linesOf(text: string) {
  const lines = text.match(/mountain|valley|slit|window/g)?.length ?? 0;
  return lines === 1 ? "1 line" : `${lines} lines`;
}
