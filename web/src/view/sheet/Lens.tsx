import {
  isNamed,
  motionPose,
  partsOf,
  place as placed,
  type Mover,
  type Nearest,
  type Scene,
  type Units,
} from '@tarnpass/core';
import { memo, useId, useMemo } from 'react';
import { colour } from '../theme/palette';
import { enlarged, type SheetFrame } from './frame';
import type { LensPlace } from './lensPlace';
import { NearestTie } from './NearestTie';
import { outlineOf, pointsText } from './outline';
import { drawn } from './StillBodies';
import type { FlatSight } from './views';

const TIMES = 4;

interface Props {
  readonly scene: Scene;
  readonly mover: Mover;
  readonly travel: number;
  readonly nearest: Nearest;
  readonly frame: SheetFrame;
  readonly sight: FlatSight;
  readonly units: Units;
  readonly place: LensPlace;
}

/** The nearest points four times as large, in a round on empty floor, with a line to where they are. */
export function Lens({ scene, mover, travel, nearest, frame, sight, units, place }: Props) {
  const clip = useId();
  const large = useMemo(() => enlarged(frame, TIMES), [frame]);
  const { onMover, onStill } = nearest.witness;
  const [a, b] = [frame.put(onMover), frame.put(onStill)];
  const at = [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2] as const;
  const { x, y, radius } = place;
  const small = radius / TIMES;
  const away = Math.hypot(x - at[0], y - at[1]) || 1;
  const along = ([px, py]: readonly [number, number], by: number) =>
    [px + (by * (x - at[0])) / away, py + (by * (y - at[1])) / away] as const;
  const from = along(at, small);
  const to = along([x, y], -radius);
  return (
    <g aria-hidden="true" pointerEvents="none" data-testid="lens">
      <circle cx={at[0]} cy={at[1]} r={small} fill="none" stroke={colour('ink')} strokeWidth={1.4} />
      <line x1={from[0]} y1={from[1]} x2={to[0]} y2={to[1]} stroke={colour('ink')} strokeWidth={1.4} />
      <clipPath id={clip}>
        <circle cx={x} cy={y} r={radius} />
      </clipPath>
      <g clipPath={`url(#${clip})`}>
        <circle cx={x} cy={y} r={radius} fill={colour('paper')} />
        <g transform={`translate(${x - TIMES * at[0]} ${y - TIMES * at[1]})`}>
          <Around scene={scene} mover={mover} still={nearest.still} frame={large} sight={sight} />
          <Part mover={mover} travel={travel} frame={large} />
          <NearestTie nearest={nearest} frame={large} units={units} />
        </g>
      </g>
      <circle cx={x} cy={y} r={radius} fill="none" stroke={colour('ink')} strokeWidth={1.6} />
      <rect
        x={x - 19}
        y={y + radius - 11}
        width={38}
        height={22}
        rx={2}
        fill={colour('paper')}
        stroke={colour('ink')}
        strokeWidth={1.4}
      />
      <text x={x} y={y + radius + 5} textAnchor="middle" fontSize={15} fontWeight={700} fill={colour('ink')}>
        ×{TIMES}
      </text>
    </g>
  );
}

/** Of all that stands what matters there: the thing that is nearest, the space, and what the part is fitted to. */
const Around = memo(function Around({
  scene,
  mover,
  still,
  frame,
  sight,
}: Pick<Props, 'scene' | 'mover' | 'frame' | 'sight'> & { still: string }) {
  const pieces = useMemo(() => {
    const all = scene.still.flatMap((body) => [...partsOf(body)]);
    const met = all.find((part) => isNamed(part, still))?.item;
    const fitted = new Set(Object.keys(mover.needs.of));
    const bodies = all.filter(
      ({ id, link, item }) =>
        item === met || item === 'space' || fitted.has(id) || (link && fitted.has(link)),
    );
    // From above the ceiling and what hangs from it would cover all.
    return drawn(bodies, frame, sight.cut).filter(({ nearer }) => !nearer);
  }, [scene.still, mover, still, frame, sight.cut]);
  return pieces
    .filter(({ surface, section }) => section || (surface !== 'floor' && surface !== 'wall'))
    .map(({ key, outline, section }) => (
      <polygon
        key={key}
        points={pointsText(section ?? outline)}
        fill={section ? 'url(#cut)' : colour('paper')}
        stroke={colour('ink')}
        strokeWidth={1.6}
      />
    ));
});

function Part({ mover, travel, frame }: Pick<Props, 'mover' | 'travel' | 'frame'>) {
  return mover.bodies.map(({ id, pieces, motion }) =>
    pieces.map((piece, i) => (
      <polygon
        key={`${id} ${i}`}
        points={pointsText(outlineOf(frame, placed(motionPose(motion, travel), piece.corners)))}
        fill={colour('tarnFill')}
        stroke={colour('tarn')}
        strokeWidth={1.8}
      />
    )),
  );
}
