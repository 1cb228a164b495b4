import { movingBodyOfLink } from '../../scene/linkBody';
import type { Mover } from '../../scene/scene';
import type { PartPieces } from '../contract/family';
import type { LaidLift } from './lay';

/** One mover: the top, and what lifts it, each on its own way; they hang together. */
export function moveLift(laid: LaidLift, { moving }: PartPieces): readonly Mover[] {
  const { table, place, topMotion, members, unit, to } = laid;
  const motions = [topMotion, ...members.map(({ motion }) => motion)];
  return [
    {
      id: table.id,
      item: table.id,
      name: table.name,
      bodies: moving.map((link, i) => movingBodyOfLink(link, undefined, motions[i]!)),
      unit,
      from: 0,
      to,
      contacts: [],
      joined: true,
      needs: {
        around: place.gaps.around,
        shell: 0,
        of: Object.fromEntries(place.floor.bodies.map((id) => [id, 0])),
      },
    },
  ];
}
