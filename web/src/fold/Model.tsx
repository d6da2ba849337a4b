import { Component, lazy, Suspense, type ReactNode } from "react";
import type { PaperModelProps } from "./PaperModel";

const PaperModel = lazy(() => import("./PaperModel"));

/** The card in three dimensions, loaded when it is first shown; a sentence where it cannot be drawn. */
export function Model(props: PaperModelProps) {
  return (
    <WithoutModel>
      <Suspense fallback={<p className="p-3">Unfolding …</p>}>
        <PaperModel {...props} />
      </Suspense>
    </WithoutModel>
  );
}

/** Where three dimensions cannot be drawn, the words and drawings beside them still tell everything. */
class WithoutModel extends Component<{ children: ReactNode }, { failed: boolean }> {
  state = { failed: false };

  static getDerivedStateFromError() {
    return { failed: true };
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
