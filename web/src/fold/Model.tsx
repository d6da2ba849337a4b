import { Component, lazy, Suspense, type ReactNode } from "react";
import type { PaperModelProps } from "./PaperModel";

const PaperModel = lazy(() => import("./PaperModel"));

/** The card in three dimensions, loaded when it is first shown; a sentence where it cannot be drawn. */
export function Model({ onFail, ...props }: PaperModelProps & { onFail?(why: unknown): void }) {
  return (
    <WithoutModel onFail={onFail}>
      <Suspense fallback={<p className="p-3">Unfolding …</p>}>
        <PaperModel {...props} />
      </Suspense>
    </WithoutModel>
  );
}

/** Where three dimensions cannot be drawn, the words and drawings beside them still tell everything. */
class WithoutModel extends Component<
  { children: ReactNode; onFail?: ((why: unknown) => void) | undefined },
  { failed: boolean }
> {
  state = { failed: false };

  static getDerivedStateFromError() {
    return { failed: true };
  }

  componentDidCatch(why: unknown) {
    this.props.onFail?.(why);
  }

  render() {
    return this.state.failed ? (
      <p className="p-3">
        This browser cannot draw in three dimensions; the drawings and words beside this show how the card
        moves.
      </p>
    ) : (
      this.props.children
    );
  }
}
