import { replaceEqualDeep } from "@tanstack/react-query";

/** Whether both say the same, in whatever order their fields stand. */
export const alike = <T>(one: T, other: T) => replaceEqualDeep(one, other) === one;
