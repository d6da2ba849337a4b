import { useMemo } from "react";
import { DoubleSide } from "three";
import type { Fastened as Closure } from "../api/types";
import { flatShape } from "./flatShape";

interface FastenedProps {
  fastened: Closure;
  /** How high the closed card is drawn, mm. */
  top: number;
  colour: string;
  line: string;
}

/** Clear of the card, so that neither looks through the other. */
const CLEAR_MM = 0.8;

/** What holds the closed card: a band goes around it, a ring lies on its front. */
export function Fastened({ fastened, top, colour, line }: FastenedProps) {
  const band = fastened.onFront[0]?.points ?? [];
  return (
    <>
      {fastened.onFront.map((area, i) => (
        <Flat key={i} area={area} z={top + (i + 1) * CLEAR_MM} colour={colour} line={line} />
      ))}
      {fastened.around && fastened.onFront[0] && (
        <>
          <Flat area={fastened.onFront[0]} z={-CLEAR_MM} colour={colour} line={line} />
          <Side points={band} right={false} top={top + CLEAR_MM} colour={colour} />
          <Side points={band} right top={top + CLEAR_MM} colour={colour} />
        </>
      )}
    </>
  );
}

type Area = Closure["onFront"][number];

function Flat({ area, z, colour, line }: { area: Area; z: number; colour: string; line: string }) {
  const shape = useMemo(() => flatShape(area.points, area.holes), [area]);
  return (
    <group position={[0, 0, z]}>
      <mesh geometry={shape} castShadow receiveShadow>
        <meshStandardMaterial color={colour} side={DoubleSide} roughness={0.95} />
      </mesh>
      <lineSegments>
        <edgesGeometry args={[shape]} />
        <lineBasicMaterial color={line} />
      </lineSegments>
    </group>
  );
}

/** Where a band goes over an edge of the card. */
function Side({
  points,
  right,
  top,
  colour,
}: {
  points: number[][];
  right: boolean;
  top: number;
  colour: string;
}) {
  const xs = points.map(([x = 0]) => x);
  const ys = points.map(([, y = 0]) => y);
  const low = Math.min(...ys);
  const high = Math.max(...ys);
  return (
    <mesh
      position={[right ? Math.max(...xs) : Math.min(...xs), (low + high) / 2, (top - CLEAR_MM) / 2]}
      rotation-y={Math.PI / 2}
    >
      <planeGeometry args={[top + CLEAR_MM, high - low]} />
      <meshStandardMaterial color={colour} side={DoubleSide} roughness={0.95} />
    </mesh>
  );
}
