import type { Point3 } from '../solid/prism';
import { Carriage } from './carriage';
import type { Drive } from './drive';
import { ratio } from './drive';
import type { Motion, Stage } from './motion';
import { squareTo } from './squareTo';
import type { TrackStretch } from './trackPath';

/**
 * A track placed in the space: it starts at `start` along `along`, and turns left about `axis`. Stretches join without
 * a corner. A carriage has two followers on it, `spacing` apart, the front one at `front` along the track as built.
 */
export interface PlacedTrack {
  readonly start: Point3;
  readonly along: Point3;
  readonly axis: Point3;
  readonly stretches: readonly TrackStretch[];
  readonly front: number;
  readonly spacing: number;
}

/**
 * The motion of a placed carriage, travel being how far the front follower has gone from as built, mm.
 *
 * @param from, to  the travel: throws where the track is too short, or a follower jams, between there and as built, or
 * where the axis is not square to the track's plane
 */
export function trackMotion(placed: PlacedTrack, from: number, to: number): Motion {
  const [back, ahead] = [Math.min(from, 0), Math.max(to, 0)];
  const carriage = new Carriage(placed.stretches, placed.spacing, placed.front, back, ahead);
  const frame = trackFrame(placed);
  const knots = carriage.joints.map((s) => s - placed.front);
  const ends = [back, ...knots, ahead];
  const chains = ends
    .slice(1)
    .map((end, i) => stretchStages(carriage, frame, placed.front, (ends[i]! + end) / 2));
  return {
    key: `track ${JSON.stringify(placed)} ${back} ${ahead}`,
    knots,
    stagesAt: (travel, side = 1) => {
      let i = 0;
      while (i + 1 < chains.length && (side > 0 ? travel >= ends[i + 1]! : travel > ends[i + 1]!)) i += 1;
      return chains[i]!;
    },
  };
}

/** The plane of a track: its origin, the way it starts and the way to the left of that, and the axis square to both. */
interface TrackFrame {
  readonly axis: Point3;
  inSpace(at: readonly [number, number]): Point3;
  /** A direction, by its angle to the left from the way the track starts. */
  heading(angle: number): Point3;
}

function trackFrame({ start, along, axis: given }: PlacedTrack): TrackFrame {
  const axis = squareTo(given, along, 'The axis of a track must be square to the way it starts.');
  const left: Point3 = [
    axis[1] * along[2] - axis[2] * along[1],
    axis[2] * along[0] - axis[0] * along[2],
    axis[0] * along[1] - axis[1] * along[0],
  ];
  const mixed = (x: number, y: number): Point3 => [
    x * along[0] + y * left[0],
    x * along[1] + y * left[1],
    x * along[2] + y * left[2],
  ];
  return {
    axis,
    inSpace: ([x, y]) => {
      const [u, v, w] = mixed(x, y);
      return [start[0] + u, start[1] + v, start[2] + w];
    },
    heading: (angle) => mixed(Math.cos(angle), Math.sin(angle)),
  };
}

/** On one stretch, the one about a travel: the front follower goes along or round it, the body turns about it as the chord does. */
function stretchStages(carriage: Carriage, frame: TrackFrame, front: number, middle: number): Stage[] {
  const { axis, inSpace } = frame;
  const built = inSpace(carriage.point(front));
  const stretch = carriage.stretchAt(front + middle);
  const offset = stretch.from - front; // travel at which the front follower enters the stretch
  const entry = inSpace([stretch.x, stretch.y]);
  const shift: Point3 = [entry[0] - built[0], entry[1] - built[1], entry[2] - built[2]];
  const size = Math.hypot(...shift);
  const carry: Stage[] =
    size > 0
      ? [
          {
            joint: { kind: 'slide', direction: [shift[0] / size, shift[1] / size, shift[2] / size] },
            drive: ratio(0, size),
          },
        ]
      : [];
  const about = (point: Point3) => ({ kind: 'turn', point, axis }) as const;
  const { x, y, heading, curve } = stretch;
  const turned: Stage = {
    joint: about(built),
    drive: chordDrive(carriage, front, { curve, offset, minus: curve }),
  };
  if (curve === 0)
    return [
      { joint: { kind: 'slide', direction: frame.heading(heading) }, drive: ratio(1, -offset) },
      ...carry,
      turned,
    ];
  const centre = inSpace([x - Math.sin(heading) / curve, y + Math.cos(heading) / curve]);
  return [{ joint: about(centre), drive: ratio(curve, -curve * offset) }, ...carry, turned];
}

/** How the chord between both followers turns, less `minus` for every mm, which the stretch itself gives. */
function chordDrive(
  carriage: Carriage,
  front: number,
  { curve, offset, minus }: { readonly curve: number; readonly offset: number; readonly minus: number },
): Drive {
  const builtChord = carriage.chord(front);
  return {
    key: `chord ${minus}`,
    value: (travel) => carriage.chord(front + travel) - builtChord - minus * (travel - offset),
    rate: (travel) => carriage.chordRate(front + travel) - minus,
    over: (from, until) => {
      const { rate, bend } = carriage.chordOver(front + from, front + until);
      // Together on one bend the chord turns with it, on one line not at all.
      if (bend === 0) return { rate: Math.abs(curve - minus), bend };
      // What is left of its turning is what it has in the middle, within its own bend.
      const left =
        Math.abs(carriage.chordRate(front + (from + until) / 2) - minus) + (bend * (until - from)) / 2;
      return { rate: Math.min(rate + Math.abs(minus), left), bend };
    },
  };
}
