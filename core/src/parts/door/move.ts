import { rowOf } from '../../carcass/build';
import { cupHingeMotion } from '../../motion/cupHinge';
import { motionOf, type Motion } from '../../motion/motion';
import { movingBodyOfLink } from '../../scene/linkBody';
import type { IntendedContact, Mover } from '../../scene/scene';
import { frameOf } from '../../item/frame';
import type { PartPieces } from '../contract/family';
import { hingeHardware } from './hinges';
import type { HungLeaf, LaidDoor } from './lay';

/** Each leaf from shut to the limit. */
export function moveDoor(laid: LaidDoor, { moving, still }: PartPieces): readonly Mover[] {
  return laid.leaves.map((leaf) => {
    const { door, place } = laid;
    const { carcass, gaps } = place;
    const row = rowOf(carcass);
    const { key: id } = leaf;
    const link = moving.find(({ key }) => key === id)!;
    const to = (door.limit * Math.PI) / 180;
    const touch = (part: string, depth: number): IntendedContact => ({
      moving: `${id}/${part}`,
      still: carcass.id,
      from: 0,
      to,
      depth,
    });
    const knuckles = link.pieces.some(({ role, solids }) => role === 'hinge' && solids.length > 0);
    return {
      id,
      item: door.id,
      name: leaf.of === '' ? door.name : `${door.name}, ${leaf.of}`,
      ...(leaf.of !== '' && { own: `${leaf.of === 'left' ? 'Left' : 'Right'} leaf` }),
      bodies: [movingBodyOfLink(link, row, leafMotion(laid, leaf))],
      unit: 'rad',
      from: 0,
      to,
      contacts: [
        // An overlay leaf rests on the carcass front, and at its pin it never leaves it; it may press into nothing.
        ...(door.fit.kind === 'inset' ? [] : [touch('leaf', 0)]),
        // A knuckle turns where it is let in; that it fits there is the hinge's own affair.
        ...(knuckles ? [touch('knuckles', knuckleOf(laid))] : []),
      ],
      needs: {
        around: gaps.around,
        row: { of: row, gap: gaps.running },
        of: Object.fromEntries(still.filter(({ key }) => key === `${id}/plates`).map(({ key }) => [key, 0])),
      },
    };
  });
}

function knuckleOf({ door, place }: LaidDoor): number {
  switch (door.hinge.kind) {
    case 'butt':
      return hingeHardware(door, place, 'butt hinge').knuckle;
    case 'continuous':
      return hingeHardware(door, place, 'continuous hinge').knuckle;
    default:
      return 0;
  }
}

/** How a leaf moves from shut to its limit. */
function leafMotion({ door, place, opening }: LaidDoor, leaf: HungLeaf): Motion {
  const frame = frameOf(place.carcass);
  const left = leaf.side === 'left';
  if (leaf.pin) {
    const [x, y] = leaf.pin;
    return motionOf({ kind: 'turn', point: frame.toSpace([x, y, 0]), axis: [0, 0, left ? -1 : 1] });
  }
  const plane = (x: number, y: number) =>
    frame.toSpace([left ? opening.left.at + x : opening.right.at - x, y, 0]);
  return cupHingeMotion(leaf.cup!.linkage, plane, [0, 0, left ? 1 : -1], -1, 0, (door.limit * Math.PI) / 180);
}
