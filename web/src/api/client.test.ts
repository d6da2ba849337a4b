import { afterEach, expect, it, vi } from "vitest";
import { brief } from "../test/samples";
import { api } from "./client";

afterEach(() => vi.unstubAllGlobals());

/** A request that is kept alive goes out even when its page is closed meanwhile (Fetch standard, keepalive). */
it("lets a save outlive its page, and nothing else", async () => {
  const fetched = vi.fn<typeof fetch>(() => Promise.resolve(new Response("{}")));
  vi.stubGlobal("fetch", fetched);
  await api.save("p", 1, "Card", brief());
  await api.plan(brief());
  expect(fetched.mock.calls.map(([, init]) => init?.keepalive)).toEqual([true, false]);
});

it("does not ask a browser to keep more alive than it may", async () => {
  const fetched = vi.fn<typeof fetch>(() => Promise.resolve(new Response("{}")));
  vi.stubGlobal("fetch", fetched);
  await api.save("p", 1, "x".repeat(70_000), brief());
  expect(fetched.mock.calls[0]?.[1]?.keepalive).toBe(false);
});

const answers = (body: string, status: number) =>
  vi.stubGlobal("fetch", () => Promise.resolve(new Response(body, { status })));

it("takes nothing but a well-formed problem for a reason", async () => {
  for (const body of ["<html>", "{}", "null", '"no"', '{"detail": 5, "title": "x", "status": 500}', ""]) {
    answers(body, 500);
    await expect(api.projects()).rejects.toThrow("Vantbreeze answered with 500 and without a reason.");
  }
  answers('{"title": "Not kept", "detail": "The disk is full.", "status": 507}', 507);
  await expect(api.projects()).rejects.toThrow("The disk is full.");
});

it("does not take an answer that cannot be read for an empty one", async () => {
  answers("<html>", 200);
  await expect(api.projects()).rejects.toThrow("cannot be read");
});
