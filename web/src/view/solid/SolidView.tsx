import { Canvas, useThree, type ThreeEvent } from '@react-three/fiber';
import {
  motionPose,
  type Body,
  type Convex,
  type Mover,
  type MovingBody,
  type Plan,
  type Pose,
  type Scene,
} from '@tarnpass/core';
import { memo, useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { Matrix4 } from 'three';
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js';
import { useLivePose, type LivePose } from '../live/LivePose';
import { PALETTE, type Sheet } from '../theme/palette';
import { Guard } from '../ui/Guard';
import { Aside } from './Aside';
import { cameraFor, targetOf } from './camera';
import { cornerColours, merged, METRE } from './geometry';

interface Props {
  readonly plan: Plan;
  readonly scene: Scene;
  readonly selected: string | null;
  readonly sheet: Sheet;
  readonly words: string;
  onSelect(item: string): void;
}

/** Share of its pixels, each way, that a moving picture is drawn at without a graphics card. */
const COARSE = 0.7;
/** Nothing moves any more after this, ms. */
const REST = 150;

/** The scene as solids that can be turned; drawn anew only when something changes. */
export default function SolidView(props: Props) {
  const { plan, scene, selected, sheet, words, onSelect } = props;
  const { travels, hidden, movers } = useLivePose();
  const [moving, stir] = useStir(travels);
  const [drawing, setDrawing] = useState(rendererOf);
  const camera = useMemo(() => cameraFor(plan), [plan]);
  const [x, y, z] = targetOf(plan);
  if (drawing === 'none') return <Aside onRetry={() => setDrawing(rendererOf())} />;
  return (
    // A context lost while it is made makes the renderer throw.
    <Guard onFail={() => setDrawing('none')}>
      <Canvas
        frameloop="demand"
        // Without a graphics card every pixel costs the frame: coarser while something moves, sharp once it rests.
        dpr={drawing === 'software' ? (moving ? COARSE : 1) : [1, 2]}
        gl={{
          antialias: drawing !== 'software',
          alpha: false,
          stencil: false,
          powerPreference: 'high-performance',
        }}
        flat
        camera={camera}
        role="img"
        aria-label={`Solid view. ${words}`}
        onCreated={({ gl }) => {
          // Lost before anybody listened.
          if (gl.getContext().isContextLost()) setDrawing('none');
          gl.domElement.addEventListener('webglcontextlost', (event) => {
            event.preventDefault();
            setDrawing('none');
          });
        }}
      >
        <color attach="background" args={[PALETTE[sheet].paper]} />
        <ambientLight intensity={2.1} />
        <directionalLight position={[1.4 * x, 0.6 * y, 8 * z]} intensity={1.1} />
        <Turning target={[x, y, z]} onTurn={stir} />
        <Standing bodies={scene.still} selected={selected} sheet={sheet} onSelect={onSelect} />
        {movers
          .filter(({ id }) => !hidden.has(id))
          .map((mover) => (
            <Moving
              key={mover.id}
              mover={mover}
              travel={travels[mover.id] ?? mover.from}
              fill={PALETTE[sheet][mover.id === selected ? 'tarn' : 'tarnFill']}
              line={PALETTE[sheet][mover.id === selected ? 'ink' : 'tarn']}
              onSelect={onSelect}
            />
          ))}
      </Canvas>
    </Guard>
  );
}

/** What draws solids in this browser: a card, the processor in its stead, or nothing. */
function rendererOf(): 'card' | 'software' | 'none' {
  try {
    const gl = document.createElement('canvas').getContext('webgl2');
    if (!gl) return 'none';
    const known = gl.getExtension('WEBGL_debug_renderer_info');
    const name = String(gl.getParameter(known ? known.UNMASKED_RENDERER_WEBGL : gl.RENDERER));
    gl.getExtension('WEBGL_lose_context')?.loseContext();
    return /swiftshader|llvmpipe|software/i.test(name) ? 'software' : 'card';
  } catch {
    return 'none';
  }
}

/** Drag turns, wheel and pinch come nearer; arrow keys turn while the view has the focus. */
function Turning({ target, onTurn }: { target: [number, number, number]; onTurn(): void }) {
  const { camera, gl, invalidate } = useThree();
  const [x, y, z] = target;
  useEffect(() => {
    const controls = new OrbitControls(camera, gl.domElement);
    controls.target.set(x, y, z);
    controls.maxPolarAngle = Math.PI * 0.495;
    controls.addEventListener('change', () => {
      onTurn();
      invalidate();
    });
    controls.update();
    return () => controls.dispose();
  }, [camera, gl, invalidate, onTurn, x, y, z]);
  return null;
}

/** Whether something moved within the last moment, and what to call when something moves. */
function useStir(travels: LivePose['travels']): readonly [boolean, () => void] {
  const [moving, setMoving] = useState(false);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const stir = useCallback(() => {
    setMoving(true);
    clearTimeout(timer.current);
    timer.current = setTimeout(() => setMoving(false), REST);
  }, []);
  const last = useRef(travels);
  useEffect(() => {
    if (travels !== last.current) stir();
    last.current = travels;
  }, [travels, stir]);
  useEffect(() => () => clearTimeout(timer.current), []);
  return [moving, stir];
}

const convexOf = ({ pieces }: Body): Convex[] =>
  pieces.filter((piece): piece is Convex => piece.kind === 'convex');

interface StandingProps {
  readonly bodies: readonly Body[];
  readonly selected: string | null;
  readonly sheet: Sheet;
  onSelect(item: string): void;
}

/** All that stands still. Walls and ceiling would hide it: of the space one sees the floor, and the slope's edges. */
const Standing = memo(function Standing({ bodies, selected, sheet, onSelect }: StandingProps) {
  const shown = useMemo(
    () => bodies.filter(({ surface, zone }) => (!surface || surface.kind === 'floor') && !zone),
    [bodies],
  );
  const solid = useMemo(() => merged(shown.map(convexOf)), [shown]);
  const slope = useMemo(
    () => merged([bodies.filter(({ surface }) => surface?.kind === 'slope').flatMap(convexOf)]),
    [bodies],
  );
  const zones = useMemo(() => merged([bodies.filter(({ zone }) => zone).flatMap(convexOf)]), [bodies]);
  const c = PALETTE[sheet];
  const colours = useMemo(
    () =>
      cornerColours(
        solid.owners,
        shown.map(({ item }) => (item === selected ? c.bench : item === 'space' ? c.wash2 : c.paper)),
      ),
    [solid, shown, selected, c],
  );
  useEffect(
    () => () => {
      for (const { surface, edges } of [solid, slope, zones]) {
        surface.dispose();
        edges.dispose();
      }
    },
    [solid, slope, zones],
  );
  const press = (event: ThreeEvent<MouseEvent>) => {
    event.stopPropagation();
    onSelect(shown[solid.owners[event.faceIndex ?? 0]!]!.item);
  };
  return (
    <>
      <mesh onClick={press}>
        <primitive object={solid.surface} attach="geometry">
          <primitive object={colours} attach="attributes-color" />
        </primitive>
        <meshLambertMaterial vertexColors polygonOffset polygonOffsetFactor={1} polygonOffsetUnits={1} />
      </mesh>
      <lineSegments geometry={solid.edges}>
        <lineBasicMaterial color={c.ink} />
      </lineSegments>
      <lineSegments geometry={zones.edges}>
        <lineBasicMaterial color={c.lichen} />
      </lineSegments>
      <lineSegments geometry={slope.edges}>
        <lineBasicMaterial color={c.line} />
      </lineSegments>
    </>
  );
});

interface MovingProps {
  readonly mover: Mover;
  readonly travel: number;
  readonly fill: string;
  readonly line: string;
  onSelect(item: string): void;
}

/** A part where it stands: its bodies that move alike as one. */
const Moving = memo(function Moving({ mover, travel, fill, line, onSelect }: MovingProps) {
  const groups = useMemo(() => {
    const byMotion = new Map<string, MovingBody[]>();
    for (const body of mover.bodies)
      byMotion.set(body.motion.key, [...(byMotion.get(body.motion.key) ?? []), body]);
    return [...byMotion.values()].map((bodies) => ({
      motion: bodies[0]!.motion,
      ...merged([bodies.flatMap(({ pieces }) => pieces)]),
    }));
  }, [mover]);
  useEffect(
    () => () => {
      for (const { surface, edges } of groups) {
        surface.dispose();
        edges.dispose();
      }
    },
    [groups],
  );
  return groups.map(({ motion, surface, edges }) => (
    <group key={motion.key} matrixAutoUpdate={false} matrix={matrixOf(motionPose(motion, travel))}>
      <mesh
        geometry={surface}
        onClick={(event) => {
          event.stopPropagation();
          onSelect(mover.id);
        }}
      >
        <meshLambertMaterial color={fill} polygonOffset polygonOffsetFactor={1} polygonOffsetUnits={1} />
      </mesh>
      <lineSegments geometry={edges}>
        <lineBasicMaterial color={line} />
      </lineSegments>
    </group>
  ));
});

function matrixOf({ rotation: r, shift }: Pose): Matrix4 {
  return new Matrix4().set(
    r[0],
    r[1],
    r[2],
    shift[0] * METRE,
    r[3],
    r[4],
    r[5],
    shift[1] * METRE,
    r[6],
    r[7],
    r[8],
    shift[2] * METRE,
    0,
    0,
    0,
    1,
  );
}
