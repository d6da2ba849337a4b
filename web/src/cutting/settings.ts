import type { CutPass, PaperCutting, SheetCutting } from "../api/types";
import { counted } from "../parts/counted";

/** Cuts that follow each other at one setting of the fence. */
export interface Setting {
  fence: CutPass["fence"];
  passes: CutPass[];
}

/** The cuts of a sheet as they are made: the fence is set, then everything is cut that this setting gives. */
export function settingsOf(passes: CutPass[]): Setting[] {
  const settings: Setting[] = [];
  for (const pass of passes) {
    const last = settings.at(-1);
    if (last && !pass.newSetting) last.passes.push(pass);
    else settings.push({ fence: pass.fence, passes: [pass] });
  }
  return settings;
}

/** "2 from the drawer, 1 to buy". */
export function whence(sheets: SheetCutting[]): string {
  const of = (owned: boolean) => sheets.filter((s) => s.owned === owned).reduce((n, s) => n + s.together, 0);
  return [of(true) && `${of(true)} from the drawer`, of(false) && `${of(false)} to buy`]
    .filter(Boolean)
    .join(", ");
}

/** What has to be bought, paper by paper: "3 sheets of lamp yellow, 12 × 12 in, 300 gsm (base)". */
export function shopping(papers: Pick<PaperCutting, "sheets" | "stock" | "use" | "name">[]): string[] {
  return papers.flatMap((paper) => {
    const counts = new Map<string, number>();
    for (const s of paper.sheets)
      if (!s.owned) counts.set(s.size.shown, (counts.get(s.size.shown) ?? 0) + s.together);
    return [...counts].map(
      ([size, n]) =>
        `${counted(n, "sheet")} of ${paper.name ? `${paper.name}, ` : ""}${size}, ${paper.stock} (${paper.use})`,
    );
  });
}

/** Other sheets that are cut just like this one, by number. */
export function alike(sheet: SheetCutting, all: SheetCutting[]): number[] {
  const cuts = (s: SheetCutting) => [s.size.shown, s.together, ...s.passes.map((p) => p.text)].join("|");
  return all.filter((s) => s.number !== sheet.number && cuts(s) === cuts(sheet)).map((s) => s.number);
}

/** "1 to 4, 7": runs of numbers said short. */
export function runs(numbers: number[]): string {
  const said: string[] = [];
  for (let i = 0; i < numbers.length;) {
    let j = i;
    while (numbers[j + 1] === (numbers[j] ?? 0) + 1) j++;
    said.push(j > i ? `${numbers[i]} to ${numbers[j]}` : `${numbers[i]}`);
    i = j + 1;
  }
  return said.join(", ");
}
