import type { Brief } from "../api/types";

type Scoring = NonNullable<Brief["tools"]["scoring"]>;

/** The two ways of scoring, as they stand in a sentence about the maker's tools. */
export const SCORING: { value: Scoring; label: string }[] = [
  { value: "ONE_SIDE", label: "all scores from one side" },
  { value: "RIDGE_SIDE", label: "each score on its ridge side" },
];
