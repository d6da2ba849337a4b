import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { api } from "../api/client";
import type { Brief } from "../api/types";
import { LOOKS } from "../fold/looks";
import { Model } from "../fold/Model";
import { reach } from "../fold/poses";
import { Button } from "../parts/Button";

const SECONDS = 2.4;
const PAUSE = 0.8;

const isStill = () => window.matchMedia("(prefers-reduced-motion: reduce)").matches;

interface FoldDrawingProps {
  brief: Brief;
  /** One piece by itself; absent for the whole card as it is closed. */
  piece?: string;
}

/** The paper moving from before the step to after it; it stays there when motion is not wanted. */
export function FoldDrawing({ brief, piece }: FoldDrawingProps) {
  const folding = useQuery({
    queryKey: ["folding", brief, piece ?? ""],
    queryFn: ({ signal }) => (piece ? api.pieceFolding(brief, piece, signal) : api.folding(brief, signal)),
    staleTime: Infinity,
  });
  const [round, setRound] = useState(0);
  const most = folding.data ? Math.min(reach(folding.data), 1) : 0;
  const at = useWay(most, round);
  if (!folding.data || folding.data.motions.length === 0) return null;
  return (
    <div className="bg-sunken relative h-60 overflow-hidden rounded-md" data-testid="fold-way">
      <Model
        folding={folding.data}
        at={at}
        from={LOOKS.front}
        lookNumber={0}
        marked={null}
        onMark={() => undefined}
      />
      <Button className="absolute right-2 bottom-2" onClick={() => setRound((r) => r + 1)}>
        Show it again
      </Button>
    </div>
  );
}

/** From 0 to the end, after a moment of rest; at the end at once where motion is not wanted. */
function useWay(most: number, round: number): number {
  const [share, setShare] = useState(0);
  useEffect(() => {
    if (most === 0) return;
    const begun = performance.now();
    const still = isStill();
    let frame = 0;
    const move = (now: number) => {
      const done = still ? 1 : Math.min(1, Math.max(0, (now - begun) / 1000 - PAUSE) / SECONDS);
      setShare(done);
      if (done < 1) frame = requestAnimationFrame(move);
    };
    frame = requestAnimationFrame(move);
    return () => cancelAnimationFrame(frame);
  }, [most, round]);
  return most * share;
}
