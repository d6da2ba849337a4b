import { expect, it } from "vitest";
import { Problem } from "../api/client";
import type { Brief, Plan } from "../api/types";
import { brief as briefOf, plan, project } from "../test/samples";
import { createBenchStore } from "./benchStore";
import { changeFold } from "./changeFold";

/** A server to which a mount on the front is no mount, and a fold called "none" no fold. */
const server = {
  plan: (brief: Brief): Promise<Plan> => {
    const field =
      brief.fold === "none" ? "fold" : brief.parameters.mount === "front" ? "parameters.mount" : "";
    return field
      ? Promise.reject(
          new Problem({
            title: "No plan",
            detail: "no",
            status: 422,
            fields: [{ field, value: "", allowed: "", text: "no" }],
          }),
        )
      : Promise.resolve(plan({ brief }));
  },
  move: () => Promise.reject(new Error("not asked for")),
  save: () => Promise.reject(new Error("not asked for")),
};

async function benchWith(parameters: Record<string, string>) {
  const store = createBenchStore(server, 1e6);
  await store.open(project(1, { brief: briefOf({ fold: "z-fold", parameters: {} }) }));
  await store.change((now) => ({ ...now, parameters }));
  return store;
}

it("keeps what the new fold can have", async () => {
  const store = await benchWith({ band: "1 in" });
  expect(await changeFold(store, () => ({ fold: "stage" }))).toBe(true);
  expect(store.get().plan?.brief.parameters).toEqual({ band: "1 in" });
});

it("lets go of what the new fold cannot have", async () => {
  const store = await benchWith({ band: "1 in" });
  const done = await changeFold(store, (now) => ({
    fold: "stage",
    parameters: { ...now.parameters, mount: "front" },
  }));
  expect(done).toBe(true);
  expect(store.get().plan?.brief.parameters).toEqual({ band: "1 in" });
  expect(store.get().refusal).toBeNull();
});

it("leaves all as it was where something else is refused", async () => {
  const store = await benchWith({});
  expect(await changeFold(store, () => ({ fold: "none" }))).toBe(false);
  expect(store.get().plan?.brief.fold).toBe("z-fold");
});
