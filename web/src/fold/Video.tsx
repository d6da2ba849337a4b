import { Clapperboard } from "lucide-react";
import { useRef, useState } from "react";
import type { Folding } from "../api/types";
import { Button } from "../parts/Button";
import { themeColour } from "../parts/themeColour";
import { Trouble } from "../parts/Trouble";
import { handOverBlob } from "../state/handOver";
import { reasonOf } from "../state/reasonOf";
import type { Dress } from "./dress";
import type { Direction } from "./looks";
import { Model } from "./Model";
import type { Drawn } from "./PaperModel";
import { reach } from "./poses";
import { canRecord, HEIGHT, record, WIDTH } from "./record";

interface VideoProps {
  folding: Folding;
  dress: Dress;
  /** From where it is seen just now. */
  from(): Direction;
}

interface Take {
  from: Direction;
  at: number;
}

/** Records the card on its way from the first stage to the last, in a picture of its own: the one on the page stays as it is. */
export function Video({ folding, dress, from }: VideoProps) {
  const [take, setTake] = useState<Take | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const stage = useRef<HTMLDivElement | null>(null);
  const most = reach(folding);
  if (!canRecord() || most === 0) return null;

  function begin() {
    setTrouble(null);
    setTake({ from: from(), at: 0 });
  }

  async function save({ picture }: Drawn) {
    try {
      const video = await record(picture, themeColour("--sunken"), most, (at) =>
        setTake((t) => t && { ...t, at }),
      );
      /* Whoever went to another view on the way has half a video. */
      if (!stage.current) return;
      handOverBlob(video, "folding.webm");
      setTake(null);
    } catch (e) {
      fail(e);
    }
  }

  function fail(why: unknown) {
    setTrouble(`The video could not be made: ${reasonOf(why)}.`);
    setTake(null);
  }
  return (
    <div>
      <Button onClick={begin} disabled={take !== null}>
        <Clapperboard aria-hidden size={16} />{" "}
        {take === null ? "Save as a video" : `Recording, ${Math.round((take.at / most) * 100)}% …`}
      </Button>
      <span className="text-quiet ml-2 text-sm">
        WebM, {WIDTH} × {HEIGHT}
      </span>
      <Trouble text={trouble} />
      {take && (
        <div
          ref={stage}
          aria-hidden
          className="pointer-events-none fixed top-0 left-[-9999px]"
          style={{ width: WIDTH, height: HEIGHT }}
        >
          <Model
            folding={folding}
            at={take.at}
            from={take.from}
            lookNumber={0}
            marked={null}
            onMark={() => undefined}
            onPicture={(drawn) => void save(drawn)}
            onFail={fail}
            recorded
            dress={dress}
          />
        </div>
      )}
    </div>
  );
}
