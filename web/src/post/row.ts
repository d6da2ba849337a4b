import type { PostalClassContent } from "../api/types";

/** Reads the fields of a row; what is left empty is not given. */
export function readRow(form: FormData): PostalClassContent {
  const text = (name: string) => {
    const value = form.get(name);
    return typeof value === "string" ? value.trim() : "";
  };
  const given = (name: string) => text(name) || null;
  const number = (name: string) => (text(name) ? Number(text(name)) : null);
  return {
    service: text("service"),
    name: text("name"),
    leastLong: given("leastLong"),
    leastShort: given("leastShort"),
    mostLong: text("mostLong"),
    mostShort: text("mostShort"),
    thickness: text("thickness"),
    grams: number("grams") ?? 0,
    aspectLeast: number("aspectLeast"),
    aspectMost: number("aspectMost"),
    price: given("price"),
    origin: text("origin"),
    asOf: text("asOf"),
  };
}
