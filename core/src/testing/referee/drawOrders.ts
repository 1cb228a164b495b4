import {
  SCENE_FORMAT,
  SCENE_VERSION,
  type JointSpec,
  type PieceSpec,
  type SceneFile,
} from '../../scene/schema';
import { gapOf, placedAt, shapeOf } from './axes';
import type { Dice } from './dice';
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
  const movers: MoverSpec[] = [];
  const count = dice.one([2, 2, 2, 3, 3, 4, 5]);
  while (movers.length < count) movers.push(placedBeside(dice, movers));
  meanTouches(dice, movers);
  const bodies = Array.from({ length: dice.below(3) }, (_, i) => {
    const [x, y] = [dice.real(-500, 500), dice.real(-500, 500)];
    return { id: `o${i}`, pieces: [block(x, y, dice.real(0, 200), dice.real(10, 80), dice.real(10, 80), dice.real(20, 300))] };
  });
  return { format: SCENE_FORMAT, version: SCENE_VERSION, bodies, movers };
} // prettier-ignore

const block = (x: number, y: number, z: number, wide: number, deep: number, high: number): Solid => ({
  kind: 'box', least: [x - wide / 2, y - deep / 2, z], most: [x + wide / 2, y + deep / 2, z + high],
}); // prettier-ignore

/** A mover that stands free of the others when all are shut, at most times; one that is drawn again while it locks or jams. */
function placedBeside(dice: Dice, others: readonly MoverSpec[]): MoverSpec {
  const anyhow = dice.chance(0.05);
  for (let tries = 0; ; tries += 1) {
    try {
      const mover = drawMover(dice, others.length);
      const at = [...others, mover].map((one) => {
        const paths = pathsOf(one);
        return one.bodies.flatMap((body, b) => body.pieces.map((piece) => placedAt(shapeOf(piece as Solid), paths[b]!(one.from!))));
      });
      const own = at.pop()!;
      const apart = own.every((p) => at.every((other) => other.every((q) => gapOf(p, q, 0) > 0)));
      if (apart || anyhow || tries > 60) return mover;
    } catch (error) {
      if (!(error instanceof Unfit)) throw error;
    }
  }
} // prettier-ignore

function drawMover(dice: Dice, m: number): MoverSpec {
  const kind = dice.one(KINDS);
  const at: V3 = [dice.real(-240, 240), dice.real(-240, 240), dice.real(-30, 30)];
  const unit = kind === 'slide' || kind === 'track' ? 'mm' : 'rad';
  const most = unit === 'mm' ? dice.real(80, 500) : dice.real(0.4, 2.2);
  const [from, to] = dice.one([[0, most], [0, most], [0, most], [-most * 0.3, most * 0.7], [most * 0.2, most * 1.2]]) as [number, number]; // prettier-ignore
  const { joint, pieces } = drawJoint(dice, kind, at, from, to);
  const bodies: MoverSpec['bodies'] = [{ id: `m${m}b0`, pieces, joints: [joint] }];
  // What rides on it and moves by itself besides: a flap on a leaf, a tray in a drawer.
  if (dice.chance(0.15)) {
    const slide: JointSpec = { kind: 'slide', direction: [0, 0, 1], drive: { ratio: dice.real(-60, 60) / (to - from) } };
    bodies.push({ id: `m${m}b1`, pieces: [solid(dice, at, 60)], joints: [slide], parent: `m${m}b0` });
  } // prettier-ignore
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
      pieces.push(dice.chance(0.5) ? block(u, v, at[2] + high / 3, 20, 20, 60) : solid(dice, [u, v, at[2] + high / 2], 40));
    }
    return pieces;
  }; // prettier-ignore
  switch (kind) {
    case 'turn': {
      const upright = dice.chance(0.8);
      const axis: V3 = upright ? [0, 0, sense] : [-s * sense, c * sense, 0];
      return { joint: { kind, point: [...at], axis: [...axis], drive: { ratio: 1 } }, pieces: leaf() };
    }
    case 'slide': {
      const pieces = dice.chance(0.6)
        ? [block(at[0], at[1], at[2], dice.real(60, 300), dice.real(60, 300), high)]
        : [solid(dice, at, 160), solid(dice, [at[0] + dice.real(-150, 150), at[1] + dice.real(-150, 150), at[2]], 100)];
      const slant = dice.chance(0.2) ? Math.SQRT1_2 : 0;
      const direction: V3 = slant ? [c * slant - s * slant, s * slant + c * slant, 0] : [c, s, 0];
      return { joint: { kind, direction: [...direction], drive: { ratio: 1 } }, pieces };
    } // prettier-ignore
    case 'four-bar': {
      const size = dice.real(60, 140);
      const [crank, coupler, rocker] = [dice.real(0.7, 1.4) * size, dice.real(0.4, 1.2) * size, dice.real(0.7, 1.4) * size];
      return {
        joint: {
          kind, link: dice.one(['coupler', 'coupler', 'crank', 'rocker']), axis: [0, 0, sense], first: [...at],
          second: [at[0] + c * size, at[1] + s * size, at[2]], crank, coupler, rocker,
          assembly: dice.one(['open', 'crossed']), start: dice.real(-2.5, 2.5),
        },
        pieces: leaf(),
      };
    } // prettier-ignore
    default: {
      const spacing = dice.real(90, 180);
      const radius = spacing * dice.real(0.8, 2);
      const straight = spacing * dice.real(1.4, 2) - Math.min(0, from);
      const end = spacing + Math.max(0, to);
      return {
        joint: {
          kind: 'track', start: [at[0] - c * straight, at[1] - s * straight, at[2]], along: [c, s, 0], axis: [0, 0, 1],
          stretches: [{ kind: 'line', length: straight }, { kind: 'arc', radius, angle: dice.real(0.3, 1.5) * sense }, { kind: 'line', length: end }],
          front: straight - Math.max(0, dice.real(-0.2, 0.2)) * spacing, spacing,
        },
        pieces: [block(at[0] - (c * spacing) / 2, at[1] - (s * spacing) / 2, at[2], c ? spacing : thick, s ? spacing : thick, high)],
      };
    } // prettier-ignore
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
