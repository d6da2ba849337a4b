import { Canvas, useFrame, useThree, type ThreeEvent } from "@react-three/fiber";
import { useEffect, useMemo, useRef } from "react";
import {
  BackSide,
  BufferGeometry,
  EdgesGeometry,
  FrontSide,
  Matrix4,
  Path,
  PerspectiveCamera,
  Shape,
  ShapeGeometry,
  Vector2,
  Vector3,
} from "three";
import { OrbitControls } from "three/examples/jsm/controls/OrbitControls.js";
import type { Folding } from "../api/types";
import { bounds, closeness, movesAt } from "./poses";

/** Where the card is looked at from: a direction, x right, y up, z towards you. */
export const LOOKS = {
  front: [0.35, 0.3, 1],
  "from above": [0.05, 1, 0.35],
  "from behind": [-0.35, 0.35, -1],
} as const;

export type Look = keyof typeof LOOKS;

interface PaperModelProps {
  folding: Folding;
  /** Position on the slider, see {@link movesAt}. */
  at: number;
  look: Look;
  /** Changes whenever a look is asked for again. */
  lookNumber: number;
  marked: string | null;
  onMark(panel: string): void;
}

interface Colours {
  face: string;
  back: string;
  mark: string;
  line: string;
}

/** Card is drawn this thick between closed layers, in mm, so that they are seen to lie on each other. */
const LAYER_MM = 0.6;

/** Enough to keep glued panels from flickering through each other. */
const APART_MM = 0.15;

const colour = (name: string) => getComputedStyle(document.documentElement).getPropertyValue(name).trim();

/** The card in three dimensions. Loaded on its own; without WebGL it throws, and the drawings beside it tell all. */
export default function PaperModel(props: PaperModelProps) {
  const colours: Colours = {
    face: colour("--paper-face"),
    back: colour("--paper-back"),
    mark: colour("--accent"),
    line: colour("--ink"),
  };
  return (
    <Canvas flat frameloop="demand" dpr={[1, 2]} camera={{ fov: 32, near: 1, far: 20000 }}>
      <ambientLight intensity={2.2} />
      <directionalLight position={[0.4, 0.9, 1]} intensity={1.1} />
      <directionalLight position={[-0.6, 0.3, -1]} intensity={0.7} />
      <Eye {...props} />
      <Panels {...props} colours={colours} />
    </Canvas>
  );
}

/** The camera: turned with the pointer, and back to a look when one is asked for. */
function Eye({ folding, look, lookNumber }: PaperModelProps) {
  const { camera, gl, invalidate } = useThree();
  const controls = useRef<OrbitControls | null>(null);
  useEffect(() => {
    const orbit = new OrbitControls(camera, gl.domElement);
    orbit.addEventListener("change", () => invalidate());
    controls.current = orbit;
    return () => orbit.dispose();
  }, [camera, gl, invalidate]);
  useEffect(() => {
    const { least, most } = bounds(folding);
    const middle = new Vector3(...least.map((l, i) => (l + (most[i] ?? l)) / 2));
    const radius = new Vector3(...least.map((l, i) => (most[i] ?? l) - l)).length() / 2;
    const fov = camera instanceof PerspectiveCamera ? camera.fov : 32;
    const away = (radius * 0.8) / Math.tan((fov * Math.PI) / 360);
    camera.position.copy(middle).add(new Vector3(...LOOKS[look]).setLength(away));
    camera.lookAt(middle);
    controls.current?.target.copy(middle);
    controls.current?.update();
    invalidate();
  }, [folding, look, lookNumber, camera, invalidate]);
  return null;
}

function Panels({ folding, at, marked, onMark, colours }: PaperModelProps & { colours: Colours }) {
  const moves = movesAt(folding, at);
  const close = closeness(folding, at);
  /* Tests wait for frames, never for time. */
  useFrame(({ gl }) => {
    const canvas = gl.domElement;
    canvas.dataset.frames = String(Number(canvas.dataset.frames ?? 0) + 1);
  });
  return (
    <>
      {folding.panels.map((panel, i) => {
        const m = moves[i];
        if (!m) return null;
        const lift = panel.layer * (APART_MM + LAYER_MM * close);
        const matrix = new Matrix4().set(
          ...([m[0], m[1], m[2], m[9], m[3], m[4], m[5], m[10]].map((n) => n ?? 0) as Eight),
          ...([m[6], m[7], m[8], (m[11] ?? 0) + lift].map((n) => n ?? 0) as Four),
          0,
          0,
          0,
          1,
        );
        return (
          <Panel
            key={panel.id}
            points={panel.points}
            holes={panel.holes}
            clear={panel.clear}
            matrix={matrix}
            isMarked={marked === panel.id}
            onMark={() => onMark(panel.id)}
            colours={colours}
          />
        );
      })}
    </>
  );
}

type Four = [number, number, number, number];
type Eight = [...Four, ...Four];

interface PanelProps {
  points: number[][];
  holes: number[][][];
  /** Film is seen through. */
  clear: boolean;
  matrix: Matrix4;
  isMarked: boolean;
  onMark(): void;
  colours: Colours;
}

const CLEAR_OPACITY = 0.25;

function Panel({ points, holes, clear, matrix, isMarked, onMark, colours }: PanelProps) {
  const shape = useMemo(() => {
    const ring = (corners: number[][]) => corners.map(([x = 0, y = 0]) => new Vector2(x, y));
    const outline = new Shape(ring(points));
    outline.holes = holes.map((hole) => new Path(ring(hole)));
    return new ShapeGeometry(outline);
  }, [points, holes]);
  const edges = useMemo<BufferGeometry>(() => new EdgesGeometry(shape), [shape]);
  const pick = (e: ThreeEvent<MouseEvent>) => {
    if (e.delta > 4) return;
    e.stopPropagation();
    onMark();
  };
  return (
    <group matrix={matrix} matrixAutoUpdate={false}>
      <mesh geometry={shape} onClick={pick}>
        <meshStandardMaterial
          color={isMarked ? colours.mark : colours.face}
          side={FrontSide}
          roughness={0.95}
          transparent={clear}
          opacity={clear ? CLEAR_OPACITY : 1}
        />
      </mesh>
      <mesh geometry={shape} onClick={pick}>
        <meshStandardMaterial
          color={isMarked ? colours.mark : colours.back}
          side={BackSide}
          roughness={0.95}
          transparent={clear}
          opacity={clear ? CLEAR_OPACITY : 1}
        />
      </mesh>
      <lineSegments geometry={edges}>
        <lineBasicMaterial color={colours.line} />
      </lineSegments>
    </group>
  );
}
