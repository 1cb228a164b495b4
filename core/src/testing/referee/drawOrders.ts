import {
  SCENE_FORMAT,
  SCENE_VERSION,
  type JointSpec,
  type PieceSpec,
  type SceneFile,
} from '../../scene/schema';
import { gapOf, placedAt, shapeOf, type Placed } from './axes';
import type { Dice } from '../dice';
import { pathsOf, Unfit, type V3 } from './poses';

type MoverSpec = SceneFile['movers'][number];
type Solid = Exclude<PieceSpec, { kind: 'half-space' }>;

/** Joints that the movers of these scenes hang on, as often as they are named. */
const KINDS: readonly JointSpec['kind'][] = [
  'turn',
  'turn',
  'turn',
  'slide',
  'slide',
  'slide',
  'four-bar',
  'track',
];

/** Two to five movers close about each other, as the fronts, drawers and flaps of one piece of furniture are, and a post or two. */
export function drawOrders(dice: Dice): SceneFile {
  if (dice.chance(0.25)) return drawMaze(dice);
  const movers: MoverSpec[] = [];
  const count = dice.one([2, 2, 2, 3, 3, 4, 5]);
  while (movers.length < count) movers.push(placedBeside(dice, movers));
  meanTouches(dice, movers);
  const bodies = Array.from({ length: dice.below(3) }, (_, i) => {
    const [x, y] = [dice.real(-500, 500), dice.real(-500, 500)];
    return {
      id: `o${i}`,
      pieces: [block(x, y, dice.real(0, 200), dice.real(10, 80), dice.real(10, 80), dice.real(20, 300))],
    };
  });
  return { format: SCENE_FORMAT, version: SCENE_VERSION, bodies, movers };
}

/** A block and a screen of plates that slide across each other, with narrow ways between: mostly both must go at once. */
function drawMaze(dice: Dice): SceneFile {
  const [small, far] = [dice.one([0.1, 4, dice.real(0.1, 60)]), dice.real(200, 1024)];
  const pin = block(0, 0, 0, small, small, 10);
  const sense = dice.one([1, -1]);
  const [half, over, slot] = [small / 2, dice.real(0.3, 8), dice.real(0.2, 8)];
  const [near, first, second] = [dice.real(0.5, 60), dice.real(20, 160), dice.real(10, 120)];
  const plate = (x0: number, x1: number, y0: number, y1: number) =>
    block((x0 + x1) / 2, (sense * (y0 + y1)) / 2, 0, x1 - x0, y1 - y0, 10);
  const plates = [
    // One stands in the block's way, until it is drawn by a little.
    plate(half + near, half + near + first, -half - dice.real(5, 40), -half + over),
    // One stands in the way of drawing it farther, until the block has passed it.
    plate(
      -half - dice.real(0, 20),
      half + near + second,
      half + over + slot,
      half + over + slot + dice.real(5, 60),
    ),
    ...Array.from({ length: dice.below(3) }, () =>
      block(dice.real(0, far), dice.real(-far, far), 0, dice.real(4, 90), dice.real(4, 90), 10),
    ),
  ].filter((solid) => gapOf(still(solid), still(pin), 0) > 0);
  const slide = (direction: V3): JointSpec => ({
    kind: 'slide',
    direction: [...direction],
    drive: { ratio: 1 },
  });
  const mover = (id: string, pieces: Solid[], joint: JointSpec): MoverSpec => ({
    id,
    unit: 'mm',
    from: 0,
    to: dice.real(0.5, 1) * far,
    bodies: [{ id: `${id}b0`, pieces, joints: [joint] }],
    contacts: [],
    needs: { around: 0, of: {} },
  });
  const movers = [mover('m0', [pin], slide([1, 0, 0])), mover('m1', plates, slide([0, -sense, 0]))];
  return { format: SCENE_FORMAT, version: SCENE_VERSION, bodies: [], movers };
}

const still = (solid: Solid): Placed => placedAt(shapeOf(solid), { turn: [1, 0, 0, 0], shift: [0, 0, 0] });

const block = (x: number, y: number, z: number, wide: number, deep: number, high: number): Solid => ({
  kind: 'box',
  least: [x - wide / 2, y - deep / 2, z],
  most: [x + wide / 2, y + deep / 2, z + high],
});

/** A mover that stands free of the others when all are shut, at most times; one that is drawn again while it locks or jams. */
function placedBeside(dice: Dice, others: readonly MoverSpec[]): MoverSpec {
  const anyhow = dice.chance(0.05);
  // Once, so that no kind is rarer for being drawn again.
  const kind = dice.one(KINDS);
  const stood = others.map(shutPieces);
  for (let tries = 0; ; tries += 1) {
    try {
      const mover = drawMover(dice, kind, others.length);
      const gap = gapTo(stood, mover);
      if (gap > 0 && dice.chance(0.5)) return movedUp(dice, stood, mover, gap);
      if (gap > 0 || anyhow || tries > 60) return mover;
    } catch (error) {
      if (!(error instanceof Unfit)) throw error;
    }
  }
}

function shutPieces(mover: MoverSpec): Placed[] {
  const paths = pathsOf(mover);
  return mover.bodies.flatMap((body, b) =>
    body.pieces.map((piece) => placedAt(shapeOf(piece as Solid), paths[b]!(mover.from!))),
  );
}

/** The least gap of a mover to the others, all shut, mm; up to 1,000. */
function gapTo(stood: readonly (readonly Placed[])[], mover: MoverSpec): number {
  let least = 1000;
  for (const piece of shutPieces(mover))
    for (const other of stood.flat()) least = Math.min(least, gapOf(piece, other, least));
  return least;
}

/** The same mover brought up to the others along an axis, to a narrow gap: as fronts beside each other have. */
function movedUp(
  dice: Dice,
  stood: readonly (readonly Placed[])[],
  mover: MoverSpec,
  gap: number,
): MoverSpec {
  if (stood.length === 0) return mover;
  const narrow = dice.real(0.1, 4);
  const way = dice.one([
    [1, 0],
    [-1, 0],
    [0, 1],
    [0, -1],
  ] as const);
  const by = (k: number) => shifted(mover, [k * way[0], k * way[1], 0]);
  // In steps no longer than the gap, so that nothing is passed through.
  let far = 0;
  for (let left = gap; left > narrow && far < 600; left = gapTo(stood, by(far)))
    far += (left - narrow) * 0.9 + 0.01;
  return far < 600 ? by(far) : mover;
}

function shifted(mover: MoverSpec, by: V3): MoverSpec {
  const to = (p: readonly number[]): [number, number, number] => [
    p[0]! + by[0],
    p[1]! + by[1],
    p[2]! + by[2],
  ];
  const piece = (one: PieceSpec): PieceSpec =>
    one.kind === 'box'
      ? { ...one, least: to(one.least), most: to(one.most) }
      : one.kind === 'hull'
        ? { ...one, points: one.points.map(to) }
        : one;
  const joint = (one: JointSpec): JointSpec =>
    one.kind === 'turn'
      ? { ...one, point: to(one.point) }
      : one.kind === 'four-bar'
        ? { ...one, first: to(one.first), second: to(one.second) }
        : one.kind === 'track'
          ? { ...one, start: to(one.start) }
          : one;
  return {
    ...mover,
    bodies: mover.bodies.map((body) => ({
      ...body,
      pieces: body.pieces.map(piece),
      joints: body.joints.map(joint),
    })),
  };
}

function drawMover(dice: Dice, kind: JointSpec['kind'], m: number): MoverSpec {
  const at: V3 = [dice.real(-240, 240), dice.real(-240, 240), dice.real(-30, 30)];
  const unit = kind === 'slide' || kind === 'track' ? 'mm' : 'rad';
  const most = unit === 'mm' ? dice.real(80, 500) : dice.real(0.4, 2.2);
  const [from, to] = dice.one([
    [0, most],
    [0, most],
    [0, most],
    [-most * 0.3, most * 0.7],
    [most * 0.2, most * 1.2],
  ]) as [number, number];
  const { joint, pieces } = drawJoint(dice, kind, at, from, to);
  const bodies: MoverSpec['bodies'] = [{ id: `m${m}b0`, pieces, joints: [joint] }];
  // What rides on it and moves by itself besides: a flap on a leaf, a tray in a drawer.
  if (dice.chance(0.15)) {
    const slide: JointSpec = {
      kind: 'slide',
      direction: [0, 0, 1],
      drive: { ratio: dice.real(-60, 60) / (to - from) },
    };
    bodies.push({ id: `m${m}b1`, pieces: [solid(dice, at, 60)], joints: [slide], parent: `m${m}b0` });
  }
  const mover: MoverSpec = {
    id: `m${m}`,
    unit,
    from,
    to,
    bodies,
    contacts: [],
    needs: { around: 0, of: {} },
  };
  pathsOf(mover);
  return mover;
}

function drawJoint(
  dice: Dice,
  kind: JointSpec['kind'],
  at: V3,
  from: number,
  to: number,
): { readonly joint: JointSpec; readonly pieces: Solid[] } {
  const sense = dice.one([1, -1]);
  const quarter = dice.below(4);
  const [c, s] = [
    [1, 0],
    [0, 1],
    [-1, 0],
    [0, -1],
  ][quarter] as [number, number];
  const [long, thick, high] = [dice.real(120, 420), dice.real(8, 30), dice.real(80, 260)];
  /** A board that runs out from its joint, square to the axes, with a handle or a lap on it at times. */
  const leaf = (): Solid[] => {
    const [x, y] = [at[0] + (c * long) / 2, at[1] + (s * long) / 2];
    const pieces = [block(x, y, at[2], c ? long : thick, s ? long : thick, high)];
    if (dice.chance(0.35)) {
      const [u, v] = [at[0] + c * long * 0.9 - s * 20, at[1] + s * long * 0.9 + c * 20];
      pieces.push(
        dice.chance(0.5)
          ? block(u, v, at[2] + high / 3, 20, 20, 60)
          : solid(dice, [u, v, at[2] + high / 2], 40),
      );
    }
    return pieces;
  };
  switch (kind) {
    case 'turn': {
      const upright = dice.chance(0.8);
      const axis: V3 = upright ? [0, 0, sense] : [-s * sense, c * sense, 0];
      return { joint: { kind, point: [...at], axis: [...axis], drive: { ratio: 1 } }, pieces: leaf() };
    }
    case 'slide': {
      const pieces = dice.chance(0.6)
        ? [block(at[0], at[1], at[2], dice.real(60, 300), dice.real(60, 300), high)]
        : [
            solid(dice, at, 160),
            solid(dice, [at[0] + dice.real(-150, 150), at[1] + dice.real(-150, 150), at[2]], 100),
          ];
      const slant = dice.chance(0.2) ? Math.SQRT1_2 : 0;
      const direction: V3 = slant ? [c * slant - s * slant, s * slant + c * slant, 0] : [c, s, 0];
      return { joint: { kind, direction: [...direction], drive: { ratio: 1 } }, pieces };
    }
    case 'four-bar': {
      const size = dice.real(60, 140);
      const [crank, coupler, rocker] = [
        dice.real(0.7, 1.4) * size,
        dice.real(0.4, 1.2) * size,
        dice.real(0.7, 1.4) * size,
      ];
      return {
        joint: {
          kind,
          link: dice.one(['coupler', 'coupler', 'crank', 'rocker']),
          axis: [0, 0, sense],
          first: [...at],
          second: [at[0] + c * size, at[1] + s * size, at[2]],
          crank,
          coupler,
          rocker,
          assembly: dice.one(['open', 'crossed']),
          start: dice.real(-2.5, 2.5),
        },
        pieces: leaf(),
      };
    }
    default: {
      const spacing = dice.real(90, 180);
      const radius = spacing * dice.real(0.8, 2);
      const straight = spacing * dice.real(1.4, 2) - Math.min(0, from);
      const end = spacing + Math.max(0, to);
      return {
        joint: {
          kind: 'track',
          start: [at[0] - c * straight, at[1] - s * straight, at[2]],
          along: [c, s, 0],
          axis: [0, 0, 1],
          stretches: [
            { kind: 'line', length: straight },
            { kind: 'arc', radius, angle: dice.real(0.3, 1.5) * sense },
            { kind: 'line', length: end },
          ],
          front: straight - Math.max(0, dice.real(-0.2, 0.2)) * spacing,
          spacing,
        },
        pieces: [
          block(
            at[0] - (c * spacing) / 2,
            at[1] - (s * spacing) / 2,
            at[2],
            c ? spacing : thick,
            s ? spacing : thick,
            high,
          ),
        ],
      };
    }
  }
}

/** A box, or a hull of a few points, about a place. */
function solid(dice: Dice, [x, y, z]: V3, size: number): Solid {
  if (dice.chance(0.4)) return block(x, y, z, dice.real(5, size), dice.real(5, size), dice.real(20, size));
  const points = Array.from({ length: 5 + dice.below(4) }, (): [number, number, number] => [
    x + dice.real(-0.5, 0.5) * size,
    y + dice.real(-0.5, 0.5) * size,
    z + dice.real(0, 1) * size,
  ]);
  return { kind: 'hull', points };
}

/** Now and then two movers are meant to touch, over all the travel of one or a part of it. */
function meanTouches(dice: Dice, movers: readonly MoverSpec[]): void {
  for (const mover of movers) {
    const other = dice.one(movers);
    if (other === mover || !dice.chance(0.12)) continue;
    const whole = dice.chance(0.5);
    const [a, b] = [dice.real(mover.from!, mover.to), dice.real(mover.from!, mover.to)];
    mover.contacts!.push({
      moving: mover.bodies[0]!.id,
      still: other.bodies[0]!.id,
      from: whole ? mover.from! : Math.min(a, b),
      to: whole ? mover.to : Math.max(a, b),
      depth: dice.one([0, dice.real(0, 30)]),
    });
  }
}
