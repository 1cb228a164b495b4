import { checkMover } from '../../clearance/checkMover';
import { cupHingeMotion } from '../../motion/cupHinge';
import { motionOf, type Motion } from '../../motion/motion';
import type { Mover } from '../../scene/scene';
import { box } from '../../solid/prism';
import type { HungLeaf, LaidDoor } from './lay';
import type { Leaf } from './leaf';

/** Width of what is found by halving, mm. */
const FINE = 0.01;
/** Farther than this no hinge moves its leaf's edge, mm. */
const FAR = 200;
const SQUARE = Math.PI / 2;

/** How far a leaf goes past where its hinge edge stands shut, opening to square, mm; never told too little. */
export function hingeGain(laid: LaidDoor, leaf: HungLeaf): number {
  const to = Math.min(SQUARE, (laid.door.limit * Math.PI) / 180);
  return least(laid, leaf, to, [-FAR, FAR]);
}

/** The gap that a leaf beside it, as thick and shut in the same plane, needs from its hinge edge, mm; never told too little. */
export function neighbourGap(laid: LaidDoor, leaf: HungLeaf): number {
  return least(laid, leaf, (laid.door.limit * Math.PI) / 180, leaf.y);
}

// Leaves hung alike ask the same; a plan has few ways of hanging.
const known = new Map<string, number>();
const MOST_KNOWN = 500;

/** The least gap, by halving, from the shut hinge edge to something in the band y that the leaf then misses all the way. */
function least(laid: LaidDoor, leaf: HungLeaf, to: number, band: readonly [number, number]): number {
  const wide = Math.min(leaf.x[1] - leaf.x[0], FAR);
  const motion = inPlane(laid, leaf, to);
  const key = JSON.stringify([motion.key, leaf.over, leaf.y, wide, to, band]);
  const found = known.get(key);
  if (found !== undefined) return found;
  const mover = flat(leaf, motion, wide, to);
  const misses = (gap: number) => {
    const edge = -leaf.over - gap;
    const beside = {
      id: 'beside',
      name: 'beside',
      item: 'beside',
      pieces: [box([edge - FAR, band[0], 0], [edge, band[1], 1])],
    };
    return checkMover(mover, [beside]).verdict !== 'hits';
  };
  let [low, high] = [0, FAR];
  if (misses(0)) high = 0;
  while (high - low > FINE) {
    const middle = (low + high) / 2;
    if (misses(middle)) high = middle;
    else low = middle;
  }
  if (known.size > MOST_KNOWN) known.clear();
  known.set(key, high);
  return high;
}

/** The leaf's motion in the plane across it: x from its opening's hinge edge into it, y from the carcass's front back. */
function inPlane({ opening }: LaidDoor, leaf: HungLeaf, to: number): Motion {
  const { pin } = leaf;
  if (pin) {
    const x = leaf.side === 'left' ? pin[0] - opening.left.at : opening.right.at - pin[0];
    return motionOf({ kind: 'turn', point: [x, pin[1], 0], axis: [0, 0, -1] });
  }
  return cupHingeMotion(leaf.cup!.linkage, (x, y) => [x, y, 0], [0, 0, 1], -1, 0, to);
}

/** The leaf alone, a millimetre high, in that plane. */
function flat(leaf: Leaf, motion: Motion, wide: number, to: number): Mover {
  const edge = -leaf.over;
  const pieces = [box([edge, leaf.y[0], 0], [edge + wide, leaf.y[1], 1])];
  const body = { id: 'leaf', name: 'leaf', item: 'leaf', pieces, motion };
  return {
    id: 'leaf',
    item: 'leaf',
    name: 'leaf',
    bodies: [body],
    unit: 'rad',
    from: 0,
    to,
    contacts: [],
    needs: { around: 0, of: {} },
  };
}
