import { expect, it } from "vitest";
import { kindOf } from "./kind";

it("tells every kind of file by its name and content", () => {
  expect(kindOf("card.JSON", 9, '{"vantbreeze": "project"}').kind).toBe("project");
  expect(kindOf("square.fold", 9, '{"file_spec": 1.1}').kind).toBe("pattern");
  expect(kindOf("sheet.svg", 9, "<svg/>").kind).toBe("drawing");
  expect(kindOf("papers.csv", 9, "name").kind).toBe("papers");
  expect(kindOf("all.zip", 9, "").kind).toBe("backup");
});

it.each([
  ["x.json", "{", "no JSON"],
  ["x.json", "{}", "lacks"],
  ["x.fold", "[", "no FOLD file"],
  ["x.png", "x", "picture"],
  ["x.pdf", "x", "print"],
  ["x.exe", "x", "nothing that is known"],
  ["noending", "x", "nothing that is known"],
])("refuses %s with the reason", (name, text, why) => {
  const kind = kindOf(name, text.length, text);
  expect(kind.kind === "refused" && kind.why).toContain(why);
});

it("refuses what is empty or too large", () => {
  expect(kindOf("a.zip", 0, "").kind).toBe("refused");
  expect(kindOf("a.zip", 2e8, "").kind).toBe("refused");
});
