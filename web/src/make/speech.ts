import type { Task } from "../api/types";
import { READY_MADE } from "../state/lengths";

const FRACTIONS = Object.fromEntries(Object.entries(READY_MADE).map(([plain, sign]) => [sign, plain]));

/** Sizes as a voice should say them: "2 1⁄8 × 5½ in" is "2 and 1/8 by 5 and 1/2 inches". */
export function spoken(text: string): string {
  return text
    .replace(/(\d?)\s?([½¼¾])/g, (_, whole: string, part: string) =>
      whole ? `${whole} and ${FRACTIONS[part]}` : (FRACTIONS[part] ?? part),
    )
    .replace(/(\d+)[\u202f\u00a0 ](\d+)⁄(\d+)/g, "$1 and $2/$3")
    .replace(/⁄/g, "/")
    .replace(/\s*×\s*/g, " by ")
    .replace(/≈\s*/g, "about ")
    .replace(/(\d)[\u202f\u00a0 ]in\b/g, "$1 inches")
    .replace(/(\d)[\u202f\u00a0 ]mm\b/g, "$1 millimetres");
}

export const canSpeak = () => "speechSynthesis" in window && typeof SpeechSynthesisUtterance !== "undefined";

/** Says a step, and nothing that was being said before. */
export function speak(task: Task) {
  window.speechSynthesis.cancel();
  const said = new SpeechSynthesisUtterance(spoken(`${task.title}. ${task.text} ${task.shortly}`));
  said.lang = "en";
  window.speechSynthesis.speak(said);
}

export const hush = () => window.speechSynthesis.cancel();
