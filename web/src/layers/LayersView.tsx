import { useState } from "react";
import { useMarking } from "../bench/ProjectFrame";
import { Snags } from "../bench/Snags";
import { Verdict } from "../bench/Verdict";
import { Block } from "../parts/Block";
import { usePlan } from "../state/useBench";
import { Colourways } from "./Colourways";
import { FaceList } from "./FaceList";
import { Looks } from "./Looks";
import { MessageRooms } from "./MessageRooms";
import { Ornaments } from "./Ornaments";
import { Papers } from "./Papers";
import { Pockets } from "./Pockets";
import type { Selection } from "./selection";

/** The card as it is seen, and everything that is laid on it. */
export function LayersView() {
  const faces = usePlan((p) => p.faces);
  const hasPocket = usePlan((p) => p.pockets.length > 0);
  const { onMark } = useMarking();
  const [chosen, setChosen] = useState<Selection>([]);
  const selection = chosen.filter((key) => faces.some((f) => f.key === key));
  return (
    <>
      <Verdict />
      <div className="grid grid-cols-1 items-start gap-4 md:grid-cols-[minmax(0,1fr)_25rem]">
        <div className="flex min-w-0 flex-col gap-3">
          <Looks selection={selection} onSelect={setChosen} />
          <Block title="Papers">
            <Papers />
          </Block>
          <Block title="A second colourway">
            <Colourways />
          </Block>
          <Block title="Toppers and ornaments">
            <Ornaments />
          </Block>
        </div>
        <div className="flex flex-col gap-3">
          <Block title="Faces to dress">
            <FaceList selection={selection} onSelect={setChosen} />
          </Block>
          {hasPocket && (
            <Block title="In the pocket">
              <Pockets />
            </Block>
          )}
          <Block title="Room to write">
            <MessageRooms onChoose={(key) => setChosen([key])} />
          </Block>
          <Block title="Snags">
            <Snags onMark={onMark} />
          </Block>
        </div>
      </div>
    </>
  );
}
