/** Hands something to the maker as a file. */
export function handOver(href: string, name: string): void {
  const link = document.createElement("a");
  link.href = href;
  link.download = name;
  link.click();
}

/** The same with what has no address yet; the browser may have it back when it has been taken. */
export function handOverBlob(blob: Blob, name: string): void {
  const href = URL.createObjectURL(blob);
  handOver(href, name);
  setTimeout(() => URL.revokeObjectURL(href), 1000);
}
