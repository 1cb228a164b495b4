import { rowOf } from '../../carcass/build';
import { motionOf } from '../../motion/motion';
import { movingBodyOfLink } from '../../scene/linkBody';
import type { IntendedContact, Mover } from '../../scene/scene';
import type { PartPieces } from '../contract/family';
import type { LaidSlats } from './lay';

/** What is chosen as a clearance is what is wanted: less than all of it by this much is not kept. */
const HAIR = 0.999;

/** It slides to the front over its carcass, between the slats that stay and along their bearers. */
export function moveSlats({ slats, place, frame }: LaidSlats, { moving: [link] }: PartPieces): readonly Mover[] {
  const { id, clearance } = slats;
  const row = rowOf(place.carcass);
  const to = slats.travel.mm;
  const still = `${id}/staying`;
  const gap = Math.min(place.gaps.running, clearance.mm * HAIR);
  const touch = (moving: string, other: string, depth: number): IntendedContact => ({
    moving,
    still: other,
    from: 0,
    to,
    depth,
  });
  return [
    {
      id,
      item: id,
      name: slats.name,
      bodies: [movingBodyOfLink(link!, row, motionOf({ kind: 'slide', direction: frame.turn([0, -1, 0]) }))],
      unit: 'mm',
      from: 0,
      to,
      contacts: [
        // It lies on its carcass and the bearers all the way, its rail before the front at first, its legs on the floor.
        touch(`${id}/sliding`, place.carcass.id, 0),
        touch(`${id}/sliding`, `${id}/bearer`, 0),
        ...[place.carcass.id, still].map((other) => touch(`${id}/rail`, other, 0)),
        ...[place.carcass.id, still, ...place.floor.bodies].map((other) => touch(`${id}/legs`, other, 0)),
      ],
      needs: { around: place.gaps.around, row: { of: row, gap }, of: { [still]: gap } },
    },
  ];
} // prettier-ignore
