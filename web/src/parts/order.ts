/** The list with the one at that place after the next one. */
export function swapped<T>(list: T[], index: number): T[] {
  const [one, next] = [list[index], list[index + 1]];
  return one !== undefined && next !== undefined
    ? [...list.slice(0, index), next, one, ...list.slice(index + 2)]
    : list;
}
