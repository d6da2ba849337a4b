import { Canvas, useFrame, useThree, type ThreeEvent } from "@react-three/fiber";
import { useEffect, useMemo, useRef } from "react";
import {
  BackSide,
  BufferGeometry,
  CanvasTexture,
  DefaultLoadingManager,
  type DirectionalLight,
  DoubleSide,
  EdgesGeometry,
  Float32BufferAttribute,
  FrontSide,
  Matrix4,
  PerspectiveCamera,
  RepeatWrapping,
  SRGBColorSpace,
  type Texture,
  TextureLoader,
  Vector3,
} from "three";
import { OrbitControls } from "three/examples/jsm/controls/OrbitControls.js";
import type { Folding, Paper, SheetPhoto } from "../api/types";
import { inkOn } from "../paper/ink";
import { opacityOf, roughnessOf } from "../paper/surface";
import { themeColour } from "../parts/themeColour";
import { photoAddress } from "../api/client";
import { Fastened } from "./Fastened";
import { onPhoto, type BasePhoto, type Dress, type Sheet } from "./dress";
import { flatShape } from "./flatShape";
import type { Direction } from "./looks";
import { bounds, closeness, movesAt } from "./poses";

/** What is drawn, once it is. */
export interface Drawn {
  picture: HTMLCanvasElement;
  /** From where it is seen just now, however it was turned. */
  from(): Direction;
}

export interface PaperModelProps {
  folding: Folding;
  /** Position on the slider, see {@link movesAt}. */
  at: number;
  /** From where it is looked at. */
  from: Direction;
  /** Changes whenever it is asked for again. */
  lookNumber: number;
  marked: string | null;
  onMark(panel: string): void;
  /** Called once it can be drawn. */
  onPicture?(drawn: Drawn): void;
  /** Dot for dot, and kept until the next frame is drawn, so that it can be copied. */
  recorded?: boolean;
  /** In its papers; absent for the bare card. */
  dress?: Dress;
}

interface Colours {
  face: string;
  back: string;
  mark: string;
  line: string;
}

/** Card is drawn this thick between closed layers, in mm, so that they are seen to lie on each other. */
const LAYER_MM = 0.6;

/** As thick as usual card is drawn. */
const PAPER_MM = 0.36;

/** Enough to keep glued panels from flickering through each other, and no edge from looking through another. */
const APART_MM = 0.15;

/** The card in three dimensions. Loaded on its own; without WebGL it throws, and the drawings beside it tell all. */
export default function PaperModel(props: PaperModelProps) {
  const colours: Colours = {
    face: themeColour("--paper-face"),
    back: themeColour("--paper-back"),
    mark: themeColour("--accent"),
    line: themeColour("--ink"),
  };
  return (
    <Canvas
      flat
      shadows="soft"
      frameloop="demand"
      dpr={props.recorded ? 1 : [1, 2]}
      gl={{ preserveDrawingBuffer: props.recorded ?? false }}
      camera={{ fov: 32, near: 1, far: 20000 }}
      onCreated={({ gl, camera }) =>
        props.onPicture?.({
          picture: gl.domElement,
          from: () => camera.position.clone().sub(round(props.folding).middle).toArray(),
        })
      }
    >
      <ambientLight intensity={2.2} />
      <Sun folding={props.folding} />
      <directionalLight position={[-0.6, 0.3, -1]} intensity={0.7} />
      <Eye {...props} />
      <Panels {...props} colours={colours} />
    </Canvas>
  );
}

/** Whether photographs are still on their way; what waits for them is drawn again when they are there, or never come. */
let isLoading = false;
DefaultLoadingManager.onStart = () => {
  isLoading = true;
};
DefaultLoadingManager.onLoad = () => {
  isLoading = false;
};

/** Dots along a side of the shadow: a soft edge of about a millimetre on a card. */
const SHADOW_DOTS = 1024;

/** The ball in which the card moves, and how high the table lies below it, in mm. */
function round(folding: Folding) {
  const { least, most } = bounds(folding);
  return {
    middle: new Vector3(...least.map((l, i) => (l + (most[i] ?? l)) / 2)),
    radius: new Vector3(...least.map((l, i) => (most[i] ?? l) - l)).length() / 2,
    table: least[1] ?? 0,
  };
}

/** Light from above the viewer's shoulder, and the table on which the card throws a soft shadow. */
function Sun({ folding }: { folding: Folding }) {
  const light = useRef<DirectionalLight | null>(null);
  const { middle, radius, table } = useMemo(() => round(folding), [folding]);
  useEffect(() => {
    if (!light.current) return;
    light.current.target.position.copy(middle);
    light.current.target.updateMatrixWorld();
    const eye = light.current.shadow.camera;
    eye.left = eye.bottom = -radius * 1.1;
    eye.right = eye.top = radius * 1.1;
    eye.near = radius;
    eye.far = radius * 5;
    eye.updateProjectionMatrix();
  }, [middle, radius]);
  return (
    <>
      <directionalLight
        ref={light}
        castShadow
        position={new Vector3(0.4, 0.9, 1).setLength(radius * 3).add(middle)}
        intensity={1.1}
        shadow-mapSize={[SHADOW_DOTS, SHADOW_DOTS]}
        shadow-normalBias={0.7}
        shadow-bias={-0.0005}
        shadow-radius={4}
      />
      <mesh rotation-x={-Math.PI / 2} position={[middle.x, table - PAPER_MM, middle.z]} receiveShadow>
        <planeGeometry args={[radius * 6, radius * 6]} />
        <shadowMaterial opacity={0.16} />
      </mesh>
    </>
  );
}

/** The camera: turned with the pointer, and back to a look when one is asked for. */
function Eye({ folding, from, lookNumber }: PaperModelProps) {
  const { camera, gl, invalidate } = useThree();
  const controls = useRef<OrbitControls | null>(null);
  useEffect(() => {
    const orbit = new OrbitControls(camera, gl.domElement);
    orbit.addEventListener("change", () => invalidate());
    controls.current = orbit;
    return () => orbit.dispose();
  }, [camera, gl, invalidate]);
  useEffect(() => {
    const { middle, radius } = round(folding);
    const fov = camera instanceof PerspectiveCamera ? camera.fov : 32;
    const away = (radius * 0.8) / Math.tan((fov * Math.PI) / 360);
    camera.position.copy(middle).add(new Vector3(...from).setLength(away));
    if (camera instanceof PerspectiveCamera) {
      /* As narrow as it may be: papers lie a tenth of a millimetre apart. */
      Object.assign(camera, { near: away / 30, far: away * 10 });
      camera.updateProjectionMatrix();
    }
    camera.lookAt(middle);
    controls.current?.target.copy(middle);
    controls.current?.update();
    invalidate();
  }, [folding, from, lookNumber, camera, invalidate]);
  return null;
}

function Panels({ folding, at, marked, onMark, dress, colours }: PaperModelProps & { colours: Colours }) {
  const moves = movesAt(folding, at);
  const close = closeness(folding, at);
  /* Tests wait for frames, never for time. */
  useFrame(({ gl }) => {
    const canvas = gl.domElement;
    canvas.dataset.frames = String(Number(canvas.dataset.frames ?? 0) + 1);
    canvas.dataset.loading = String(isLoading);
  });
  return (
    <>
      {folding.panels.map((panel, i) => {
        const m = moves[i];
        if (!m) return null;
        /* What stands square to the closed card lies on nothing. */
        const lift = panel.layer * (APART_MM + LAYER_MM * close) * Math.abs(m[8] ?? 0);
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
            key={panel.name}
            points={panel.points}
            holes={panel.holes}
            clear={panel.clear}
            matrix={matrix}
            isMarked={marked === panel.name}
            onMark={() => onMark(panel.name)}
            colours={
              dress && !panel.clear
                ? { ...colours, ...(dress.papers.get(panel.name) ?? dress.base) }
                : colours
            }
            photo={dress?.photo?.panels.includes(panel.name) ? dress.photo : null}
            sheets={dress?.sheets.filter((s) => s.panel === panel.name) ?? NO_SHEETS}
            close={close}
          />
        );
      })}
      {folding.fastened && close > NEARLY && (
        <Fastened
          fastened={folding.fastened}
          top={Math.max(...folding.panels.map((p) => p.layer)) * (APART_MM + LAYER_MM) + PAPER_MM}
          colour={dress?.base.face ?? colours.face}
          line={colours.line}
        />
      )}
    </>
  );
}

/** A closure goes on when the card is closed, not before. */
const NEARLY = 0.995;

/** One list, so that a bare card is not drawn anew. */
const NO_SHEETS: Sheet[] = [];

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
  /** What it shows on its face. */
  photo: BasePhoto | null;
  /** What lies on it. */
  sheets: Sheet[];
  /** How nearly closed the card is: foam is pressed flat between panels. */
  close: number;
}

const CLEAR_OPACITY = 0.25;

function Panel({
  points,
  holes,
  clear,
  matrix,
  isMarked,
  onMark,
  colours,
  photo,
  sheets,
  close,
}: PanelProps) {
  const shape = useMemo(() => flatShape(points, holes), [points, holes]);
  const rim = useMemo(() => rimOf([points, ...holes]), [points, holes]);
  const invalidate = useThree((three) => three.invalidate);
  const picture = useMemo(() => pictured(photo, invalidate), [photo, invalidate]);
  useEffect(() => () => picture?.dispose(), [picture]);
  const edges = useMemo<BufferGeometry>(() => new EdgesGeometry(shape), [shape]);
  const pick = (e: ThreeEvent<MouseEvent>) => {
    if (e.delta > 4) return;
    e.stopPropagation();
    onMark();
  };
  return (
    <group matrix={matrix} matrixAutoUpdate={false}>
      <mesh
        geometry={shape}
        position={[0, 0, PAPER_MM / 2]}
        onClick={pick}
        castShadow={!clear}
        receiveShadow={!clear}
      >
        <meshStandardMaterial
          key={picture && !isMarked ? "picture" : "plain"}
          color={isMarked ? colours.mark : picture ? "#ffffff" : colours.face}
          map={isMarked ? null : picture}
          side={FrontSide}
          shadowSide={DoubleSide}
          roughness={0.95}
          transparent={clear}
          opacity={clear ? CLEAR_OPACITY : 1}
        />
      </mesh>
      <mesh geometry={rim}>
        <meshStandardMaterial
          color={colours.back}
          side={DoubleSide}
          roughness={0.95}
          transparent={clear}
          opacity={clear ? CLEAR_OPACITY : 1}
        />
      </mesh>
      <mesh geometry={shape} position={[0, 0, -PAPER_MM / 2]} onClick={pick} receiveShadow={!clear}>
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
      {!isMarked &&
        sheets.map((sheet) => <OnPanel key={sheet.key} sheet={sheet} close={close} onClick={pick} />)}
    </group>
  );
}

/** Foam of a closed card is hidden between its panels, or lies on its outside; it is drawn pressed flat. */
const PRESSED = 0.85;

/** Steps of depth by which a paper is drawn nearer than what it lies on: closed, they are hundredths of a millimetre apart. */
const OFFSET_UNITS = 4;

/** A paper on its panel, seen from its own side. */
function OnPanel({
  sheet,
  close,
  onClick,
}: {
  sheet: Sheet;
  close: number;
  onClick(e: ThreeEvent<MouseEvent>): void;
}) {
  const shape = useMemo(() => flatShape(sheet.points, sheet.holes), [sheet.points, sheet.holes]);
  const invalidate = useThree((three) => three.invalidate);
  const print = useMemo(
    () => (sheet.photo ? photographed(sheet, sheet.photo, invalidate) : printed(sheet.paper, sheet.up)),
    [sheet, invalidate],
  );
  useEffect(() => () => print?.dispose(), [print]);
  const high = PAPER_MM / 2 + sheet.high * (1 - PRESSED * close);
  return (
    <mesh
      geometry={shape}
      position={[0, 0, sheet.side === "FACE" ? high : -high]}
      onClick={onClick}
      castShadow
      receiveShadow
    >
      <meshStandardMaterial
        color={print ? "#ffffff" : sheet.paper.colour}
        map={print}
        side={sheet.side === "FACE" ? FrontSide : BackSide}
        roughness={roughnessOf(sheet.paper)}
        transparent={opacityOf(sheet.paper) < 1}
        opacity={opacityOf(sheet.paper)}
        polygonOffset
        polygonOffsetFactor={-sheet.order}
        polygonOffsetUnits={-OFFSET_UNITS * sheet.order}
      />
    </mesh>
  );
}

/** The cut edge of the paper around its outline and its holes. */
function rimOf(rings: number[][][]): BufferGeometry {
  const places: number[] = [];
  for (const ring of rings)
    ring.forEach(([x = 0, y = 0], i) => {
      const [u = 0, v = 0] = ring[(i + 1) % ring.length] ?? [];
      const [low, high] = [-PAPER_MM / 2, PAPER_MM / 2];
      places.push(x, y, low, u, v, low, u, v, high, x, y, low, u, v, high, x, y, high);
    });
  const rim = new BufferGeometry();
  rim.setAttribute("position", new Float32BufferAttribute(places, 3));
  rim.computeVertexNormals();
  return rim;
}

/** The photographed sheet, laid so that a panel's places in mm are places on it. */
function pictured(photo: BasePhoto | null, onLoaded: () => void): Texture | null {
  if (!photo) return null;
  const texture = new TextureLoader().load(photoAddress(photo.id), onLoaded, undefined, onLoaded);
  texture.colorSpace = SRGBColorSpace;
  texture.repeat.set(1 / photo.width, 1 / photo.height);
  texture.offset.set(photo.x / photo.width, photo.y / photo.height);
  return texture;
}

/** The photograph of the sheet that a paper on a panel is cut from, turned as the paper is; seen from behind it is not mirrored. */
function photographed(sheet: Sheet, photo: SheetPhoto, onLoaded: () => void): Texture {
  const texture = new TextureLoader().load(photoAddress(photo.id), onLoaded, undefined, onLoaded);
  texture.colorSpace = SRGBColorSpace;
  texture.matrixAutoUpdate = false;
  const [a, b, x, c, d, y] = onPhoto(sheet, photo);
  texture.matrix.set(a, b, x, c, d, y, 0, 0, 1);
  return texture;
}

/** mm after which a print comes again, and dots for each. */
const REPEAT = 11;
const DOTS = 8;

/** What is printed on a paper; nothing for a plain one. */
function printed(paper: Paper, up: number): CanvasTexture | null {
  if (paper.print === "PLAIN") return null;
  const canvas = document.createElement("canvas");
  canvas.width = canvas.height = REPEAT * DOTS;
  const pen = canvas.getContext("2d");
  if (!pen) return null;
  pen.scale(DOTS, DOTS);
  pen.fillStyle = paper.colour;
  pen.fillRect(0, 0, REPEAT, REPEAT);
  pen.fillStyle = inkOn(paper.colour);
  for (const [x, y] of [
    [2.8, 5.6],
    [8.3, 10.6],
  ] as const) {
    pen.beginPath();
    if (paper.print === "SCATTERED") pen.arc(x, y - 3, 0.8, 0, 2 * Math.PI);
    else {
      pen.moveTo(x, y - 5);
      pen.lineTo(x + 1.5, y - 1.5);
      pen.lineTo(x - 1.5, y - 1.5);
      pen.rect(x - 0.28, y - 1.5, 0.56, 1.2);
    }
    pen.fill();
  }
  const texture = new CanvasTexture(canvas);
  texture.wrapS = texture.wrapT = RepeatWrapping;
  texture.repeat.set(1 / REPEAT, 1 / REPEAT);
  texture.rotation = (-up * Math.PI) / 180;
  texture.colorSpace = SRGBColorSpace;
  return texture;
}
