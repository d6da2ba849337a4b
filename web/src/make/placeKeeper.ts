import { Problem } from "../api/client";
import type { Making, MakingState } from "../api/types";
import { alike } from "../state/alike";
import type { KeptHere } from "../state/keptHere";
import { reasonOf } from "../state/reasonOf";

/** Where the places of all cards are kept. */
export interface Places {
  making(project: string): Promise<Making>;
  keepMaking(project: string, making: Making): Promise<Making>;
  forgetMaking(project: string): Promise<Making>;
}

const TRY_AGAIN_MS = 8000;

/** A place that the server has not acknowledged: on which version it follows, and what has been sent since. */
export interface Unkept {
  version: number;
  underway: MakingState[];
  wanted: MakingState;
}

export interface Shown {
  state: MakingState | null;
  trouble: string | null;
}

/**
 * The place of one card at the table. Every change is shown at once and sent to the server, one after the other. A page may be
 * closed with one change on its way and another waiting for it: the browser keeps those, and the next page goes on with them
 * unless another window has been at the card since.
 */
export class PlaceKeeper {
  private shown: Shown = { state: null, trouble: null };
  private version = -1;
  private underway: MakingState[] = [];
  private wanted: MakingState | null = null;
  private busy = false;
  private again: ReturnType<typeof setTimeout> | undefined;
  private readonly watchers = new Set<() => void>();

  constructor(
    private readonly project: string,
    private readonly places: Places,
    private readonly unkept: KeptHere<Unkept>,
    private readonly tryAgainMs = TRY_AGAIN_MS,
  ) {}

  readonly now = () => this.shown;

  readonly watch = (watcher: () => void) => {
    this.watchers.add(watcher);
    return () => void this.watchers.delete(watcher);
  };

  readonly change = (how: (state: MakingState) => MakingState) => {
    if (!this.shown.state) return;
    this.wanted = how(this.shown.state);
    this.show({ ...this.shown, state: this.wanted });
    this.note();
    void this.keep();
  };

  readonly forget = async () => this.take(await this.places.forgetMaking(this.project));

  /** Looks where the card is, unless this window knows better. */
  async open(): Promise<void> {
    if (this.wanted) return this.keep();
    const before = this.shown.state;
    try {
      const making = await this.places.making(this.project);
      if (this.shown.state !== before) return;
      const left = this.unkept.of(this.project);
      this.take(making);
      if (left && (left.version === making.version || left.underway.some((u) => alike(u, making.state)))) {
        this.underway = left.underway;
        this.wanted = left.wanted;
        this.show({ state: left.wanted, trouble: null });
        await this.keep();
      }
    } catch (e) {
      this.show({ ...this.shown, trouble: reasonOf(e) });
    }
  }

  private async keep(): Promise<void> {
    if (this.busy) return;
    this.busy = true;
    clearTimeout(this.again);
    try {
      while (this.wanted) await this.send(this.wanted);
    } catch (e) {
      /* What the server will never take is not tried again by the next page. */
      if (e instanceof Problem && e.body.status === 422) this.unkept.forget(this.project);
      else this.again = setTimeout(() => void this.keep(), this.tryAgainMs);
      this.show({ ...this.shown, trouble: `${reasonOf(e)} The place is not kept yet.` });
    } finally {
      this.busy = false;
    }
  }

  private async send(state: MakingState): Promise<void> {
    this.underway.push(state);
    this.note();
    try {
      const kept = await this.places.keepMaking(this.project, { version: this.version, state });
      this.underway = [];
      this.follows(kept.version, state);
    } catch (e) {
      if (!(e instanceof Problem) || e.body.status !== 409) throw e;
      this.underway.pop();
      const making = await this.places.making(this.project);
      /* Sent by this window before, and only now known to have arrived? */
      const arrived = this.underway.findIndex((u) => alike(u, making.state));
      if (arrived < 0) {
        this.take(making);
        const trouble = "Another window has gone on with this card; this is where it is now.";
        this.show({ ...this.shown, trouble });
      } else {
        this.underway.splice(arrived, 1);
        this.follows(making.version, making.state);
      }
    }
  }

  /** The server has this state: what is wanted beyond it follows on this version. */
  private follows(version: number, state: MakingState) {
    this.version = version;
    if (this.wanted && alike(this.wanted, state)) this.wanted = null;
    this.note();
    this.show({ ...this.shown, trouble: null });
  }

  private take(making: Making) {
    this.version = making.version;
    this.wanted = null;
    this.underway = [];
    this.note();
    this.show({ state: making.state, trouble: null });
  }

  private note() {
    if (!this.wanted) this.unkept.forget(this.project);
    else
      this.unkept.keep(this.project, {
        version: this.version,
        underway: this.underway,
        wanted: this.wanted,
      });
  }

  private show(shown: Shown) {
    this.shown = shown;
    this.watchers.forEach((watcher) => watcher());
  }
}
