import { Canvas, useThree } from '@react-three/fiber';
import {
  motionPose,
  type Body,
  type Convex,
  type Mover,
  type Plan,
  type Pose,
  type Scene,
} from '@tarnpass/core';
import { useEffect, useMemo, useState } from 'react';
import { BufferGeometry, EdgesGeometry, Float32BufferAttribute, Matrix4 } from 'three';
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js';
import { PALETTE, type Sheet } from '../theme/palette';
import { Aside } from './Aside';

interface Props {
  readonly plan: Plan;
  readonly scene: Scene;
  readonly travels: Readonly<Record<string, number>>;
  readonly selected: string | null;
  readonly sheet: Sheet;
  readonly words: string;
  onSelect(item: string): void;
}

/** Lengths in the solid view are metres: single precision keeps a hundredth of a millimetre over 20 m. */
const METRE = 1e-3;

/** The scene as solids that can be turned; drawn anew only when something changes. */
export default function SolidView(props: Props) {
  const { plan, scene, travels, selected, sheet, words, onSelect } = props;
  const [lost, setLost] = useState(() => !hasWebGl());
  const { width, depth, height } = plan.space;
  const [w, d, h] = [width.mm * METRE, depth.mm * METRE, height.mm * METRE];
  // Walls and ceiling would hide all: from inside them one sees the floor, and the slope as an outline.
  const standing = scene.still.filter(({ item, id }) => item !== 'space' || id === 'floor' || id === 'slope');
  if (lost) return <Aside onRetry={() => setLost(!hasWebGl())} />;
  return (
    <Canvas
      frameloop="demand"
      dpr={[1, 2]}
      camera={{
        position: [w * 1.05, -d * 0.45 + d * 1.7, h * 1.5],
        up: [0, 0, 1],
        fov: 40,
        near: 0.02,
        far: 100,
      }}
      role="img"
      aria-label={`Solid view. ${words}`}
      onCreated={({ gl }) => {
        gl.domElement.addEventListener('webglcontextlost', (event) => {
          event.preventDefault();
          setLost(true);
        });
      }}
    >
      <ambientLight intensity={1.7} />
      <directionalLight position={[w, d * 2, h * 3]} intensity={1.6} />
      <Turning target={[w / 2, d / 2, h / 3]} />
      {standing.map((body) => (
        <Solid
          key={body.id}
          body={body}
          fill={PALETTE[sheet][body.item === selected ? 'wash' : body.item === 'space' ? 'wash2' : 'paper']}
          line={PALETTE[sheet].ink}
          faint={body.id === 'slope'}
          onSelect={onSelect}
        />
      ))}
      {scene.movers.map((mover) => (
        <Moving
          key={mover.id}
          mover={mover}
          travel={travels[mover.id] ?? mover.from}
          fill={PALETTE[sheet][mover.id === selected ? 'tarn' : 'tarnFill']}
          line={PALETTE[sheet].tarn}
          onSelect={onSelect}
        />
      ))}
    </Canvas>
  );
}

function hasWebGl(): boolean {
  try {
    return document.createElement('canvas').getContext('webgl2') !== null;
  } catch {
    return false;
  }
}

/** Drag turns, wheel and pinch come nearer; arrow keys turn while the view has the focus. */
function Turning({ target }: { target: [number, number, number] }) {
  const { camera, gl, invalidate } = useThree();
  const [x, y, z] = target;
  useEffect(() => {
    const controls = new OrbitControls(camera, gl.domElement);
    controls.target.set(x, y, z);
    controls.maxPolarAngle = Math.PI * 0.495;
    controls.addEventListener('change', () => invalidate());
    controls.update();
    return () => controls.dispose();
  }, [camera, gl, invalidate, x, y, z]);
  return null;
}

/** Faces as fans of triangles, each with corners of its own so that edges stay sharp. */
function geometryOf(pieces: readonly Convex[]): BufferGeometry {
  const points: number[] = [];
  for (const { corners, faces } of pieces) {
    const push = (i: number) => {
      for (let axis = 0; axis < 3; axis += 1) points.push(corners[3 * i + axis]! * METRE);
    };
    for (const face of faces) {
      for (let i = 1; i + 1 < face.length; i += 1) {
        push(face[0]!);
        push(face[i]!);
        push(face[i + 1]!);
      }
    }
  }
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new Float32BufferAttribute(points, 3));
  geometry.computeVertexNormals();
  return geometry;
}

interface Look {
  readonly fill: string;
  readonly line: string;
  readonly faint?: boolean;
  onSelect(item: string): void;
}

function Solid({ body, fill, line, faint = false, onSelect }: Look & { body: Body }) {
  const convex = body.pieces.filter((piece): piece is Convex => piece.kind === 'convex');
  return <Shape pieces={convex} fill={fill} line={line} faint={faint} onSelect={() => onSelect(body.item)} />;
}

function Moving({ mover, travel, fill, line, onSelect }: Look & { mover: Mover; travel: number }) {
  return mover.bodies.map((body) => (
    <group key={body.id} matrixAutoUpdate={false} matrix={matrixOf(motionPose(body.motion, travel))}>
      <Shape pieces={body.pieces} fill={fill} line={line} onSelect={() => onSelect(mover.id)} />
    </group>
  ));
}

function matrixOf({ rotation: r, shift }: Pose): Matrix4 {
  return new Matrix4().set(
    r[0], r[1], r[2], shift[0] * METRE,
    r[3], r[4], r[5], shift[1] * METRE,
    r[6], r[7], r[8], shift[2] * METRE,
    0, 0, 0, 1,
  ); // prettier-ignore
}

function Shape({
  pieces,
  fill,
  line,
  faint = false,
  onSelect,
}: {
  pieces: readonly Convex[];
  fill: string;
  line: string;
  faint?: boolean;
  onSelect(): void;
}) {
  const geometry = useMemo(() => geometryOf(pieces), [pieces]);
  const edges = useMemo(() => new EdgesGeometry(geometry, 8), [geometry]);
  useEffect(
    () => () => {
      geometry.dispose();
      edges.dispose();
    },
    [geometry, edges],
  );
  return (
    <>
      {!faint && (
        <mesh
          geometry={geometry}
          onClick={(event) => {
            event.stopPropagation();
            onSelect();
          }}
        >
          <meshLambertMaterial color={fill} polygonOffset polygonOffsetFactor={1} polygonOffsetUnits={1} />
        </mesh>
      )}
      <lineSegments geometry={edges}>
        <lineBasicMaterial color={line} transparent={faint} opacity={faint ? 0.5 : 1} />
      </lineSegments>
    </>
  );
}
