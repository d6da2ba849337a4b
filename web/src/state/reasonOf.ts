/** Why something did not go, in words. */
export const reasonOf = (e: unknown): string => (e instanceof Error ? e.message : String(e));
