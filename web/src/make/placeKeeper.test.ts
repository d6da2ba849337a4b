import { describe, expect, it, vi } from "vitest";
import { Problem } from "../api/client";
import type { Making, MakingState } from "../api/types";
import type { KeptHere } from "../state/keptHere";
import { fresh } from "../test/samples";
import { PlaceKeeper, type Places, type Unkept } from "./placeKeeper";

const FRESH = fresh();

const at = (step: string) => (state: MakingState) => ({ ...state, at: step });

const refusal = (status: number) => new Problem({ title: "", detail: `refused with ${status}`, status });

/** What a browser keeps, over all its pages. */
function browser(): KeptHere<Unkept> & { left: number } {
  const kept = new Map<string, string>();
  return {
    keep: (id, what) => void kept.set(id, JSON.stringify(what)),
    of: (id) => JSON.parse(kept.get(id) ?? "null") as Unkept | null,
    forget: (id) => void kept.delete(id),
    get left() {
      return kept.size;
    },
  };
}

/** Requests arrive and are answered one by one, when the test says so; a closed page hears no answer. */
class Table {
  making: Making = { version: -1, state: FRESH };
  private waiting: { page: number; arrive?: () => void; answer?: () => void }[] = [];
  private page = 0;

  opened(memory: KeptHere<Unkept>): PlaceKeeper {
    const page = ++this.page;
    const asked = (doing: () => Making) =>
      new Promise<Making>((resolve, reject) => {
        const arrive = () => {
          let answer: () => void;
          try {
            const made = doing();
            answer = () => resolve(made);
          } catch (e) {
            answer = () => reject(e as Error);
          }
          this.waiting.push({ page, answer });
        };
        this.waiting.push({ page, arrive });
      });
    const places: Places = {
      making: () => asked(() => this.making),
      keepMaking: (_, making) => asked(() => this.keep(making)),
      forgetMaking: () => asked(() => (this.making = { version: -1, state: FRESH })),
    };
    const keeper = new PlaceKeeper("card", places, memory);
    void keeper.open();
    return keeper;
  }

  private keep({ version, state }: Making): Making {
    if (state.cards < 1) throw refusal(422);
    if (version !== this.making.version) throw refusal(409);
    /* Another order of fields, as another program would write it. */
    const written = Object.fromEntries(Object.entries(state).reverse()) as unknown as MakingState;
    return (this.making = { version: version + 1, state: written });
  }

  /** One request arrives or one answer is heard; false if there is none. */
  async goOn(which = 0): Promise<boolean> {
    const [next] = this.waiting.splice(which % Math.max(1, this.waiting.length), 1);
    if (!next) return false;
    if (next.arrive) next.arrive();
    else if (next.page === this.page) next.answer?.();
    for (let i = 0; i < 5; i++) await Promise.resolve();
    return true;
  }

  async settled() {
    while (await this.goOn());
  }
}

async function begun() {
  const table = new Table();
  const memory = browser();
  const keeper = table.opened(memory);
  await table.settled();
  return { table, memory, keeper };
}

describe("a place at the table", () => {
  it("is shown at once and kept in its order", async () => {
    const { table, memory, keeper } = await begun();
    keeper.change(at("cut"));
    keeper.change(at("score"));
    expect(keeper.now().state?.at).toBe("score");
    await table.settled();
    expect(table.making.state.at).toBe("score");
    expect(table.making.version).toBe(1);
    expect(memory.left).toBe(0);
  });

  it("gives way to another window, and says so", async () => {
    const { table, keeper, memory } = await begun();
    keeper.change(at("cut"));
    table.making = { version: 7, state: { ...FRESH, at: "glue" } };
    await table.settled();
    expect(keeper.now().state?.at).toBe("glue");
    expect(keeper.now().trouble).toContain("Another window");
    expect(memory.left).toBe(0);
  });

  it("does not take up what a window left after another one has gone on", async () => {
    const { table, keeper, memory } = await begun();
    keeper.change(at("cut"));
    table.making = { version: 7, state: { ...FRESH, at: "glue" } };
    const next = table.opened(memory);
    await table.settled();
    expect(next.now()).toEqual({ state: table.making.state, trouble: null });
    expect(table.making.state.at).toBe("glue");
  });

  it("stays on the screen if it is refused, and is not tried again by the next page", async () => {
    const { table, keeper, memory } = await begun();
    keeper.change((state) => ({ ...state, cards: 0 }));
    await table.settled();
    expect(keeper.now().state?.cards).toBe(0);
    expect(keeper.now().trouble).toContain("not kept yet");
    const next = table.opened(memory);
    await table.settled();
    expect(next.now()).toEqual({ state: FRESH, trouble: null });
  });

  it("is begun anew when it is forgotten", async () => {
    const { table, keeper } = await begun();
    keeper.change(at("cut"));
    await table.settled();
    void keeper.forget();
    await table.settled();
    expect(keeper.now().state).toEqual(FRESH);
    keeper.change(at("score"));
    await table.settled();
    expect(table.making.state.at).toBe("score");
  });
});

it("tries again by itself what could not be kept", async () => {
  let fails = 2;
  let kept: Making = { version: -1, state: FRESH };
  const places: Places = {
    making: () => Promise.resolve(kept),
    keepMaking: (_, { version, state }) => {
      if (fails-- > 0) return Promise.reject(refusal(503));
      kept = { version: version + 1, state };
      return Promise.resolve(kept);
    },
    forgetMaking: () => Promise.resolve(kept),
  };
  const keeper = new PlaceKeeper("card", places, browser(), 0);
  await keeper.open();
  keeper.change(at("score"));
  await vi.waitFor(() => expect(kept.state.at).toBe("score"));
  await vi.waitFor(() => expect(keeper.now().trouble).toBeNull());
});

/** However requests, answers, steps and closed pages follow one another: the last step is where the card is. */
it("is never behind what the maker did, over any number of closed pages", async () => {
  for (let seed = 1; seed <= 400; seed++) {
    let random = seed;
    const upTo = (n: number) => {
      random = (random * 48_271) % 2_147_483_647;
      return random % n;
    };
    const { table, memory, ...first } = await begun();
    let keeper = first.keeper;
    let wanted: string | null = null;
    for (let i = 0; i < 30; i++) {
      const what = upTo(6);
      if (what === 0) keeper = table.opened(memory);
      else if (what <= 2 && keeper.now().state) {
        wanted = `step ${i}`;
        keeper.change(at(wanted));
      } else await table.goOn(upTo(100));
    }
    await table.settled();
    expect(keeper.now().trouble, `seed ${seed}`).toBeNull();
    expect(keeper.now().state?.at, `seed ${seed}`).toBe(wanted);
    expect(table.making.state.at, `seed ${seed}`).toBe(wanted);
    expect(memory.left, `seed ${seed}`).toBe(0);
  }
});
