import Ajv from "ajv";
import { expect, it } from "vitest";
import schema from "../../public/project.schema.json?raw";
import exported from "./project.json?raw";

/** By a common validator: a project as it goes out is what the published schema says, and what is damaged is not. */
it("validates an exported project against the published schema", () => {
  const valid = new Ajv({ schemaId: "auto", unknownFormats: "ignore", logger: false }).compile(
    JSON.parse(schema) as object,
  );
  const project = JSON.parse(exported) as Record<string, unknown>;
  expect(valid(project) || valid.errors).toBe(true);
  expect(valid({ ...project, format: 99 })).toBe(false);
  expect(valid({ ...project, brief: { ...(project.brief as object), units: "ELLS" } })).toBe(false);
  expect(valid({ ...project, brief: undefined })).toBe(false);
});
