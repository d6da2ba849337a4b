/** Rec. 709 weights of linear light; near enough on screen values to tell light paper from dark. */
const WEIGHTS = [0.2126, 0.7152, 0.0722];
const LIGHT = 0.5;

/**
 * What is printed on a paper so that it can be seen: darker on light paper, lighter on dark.
 * @param colour "#f4efe3"
 * @example inkOn("#ffffff") // "rgb(158 158 158)"
 */
export function inkOn(colour: string): string {
  const channels = [1, 3, 5].map((i) => parseInt(colour.slice(i, i + 2), 16));
  const light = channels.reduce((sum, c, i) => sum + (c / 255) * (WEIGHTS[i] ?? 0), 0);
  const ink = channels.map((c) => Math.round(light > LIGHT ? c * 0.62 : c + (255 - c) * 0.45));
  return `rgb(${ink.join(" ")})`;
}
