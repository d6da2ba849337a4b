/** "1 score", "2 scores". */
export function counted(n: number, what: string): string {
  return `${n} ${what}${n === 1 ? "" : "s"}`;
}
