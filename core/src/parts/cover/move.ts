import { movingBodyOfLink } from '../../scene/linkBody';
import type { Mover } from '../../scene/scene';
import type { AnyPlace, PartPieces } from '../contract/family';
import type { LaidCover } from './lay';
import type { Cover } from './schema';

/** It turns along what it is on, which it may lie against. */
export function moveCover({ cover, place, motion, to }: LaidCover, { moving: [link] }: PartPieces): readonly Mover[] {
  const on = liesOn(cover, place);
  return [
    {
      id: cover.id,
      item: cover.id,
      name: cover.name,
      bodies: [movingBodyOfLink(link!, undefined, motion)],
      unit: 'rad',
      from: 0,
      to,
      contacts: [{ moving: cover.id, still: on, from: 0, to, depth: 0.01 }],
      needs: { around: place.gaps.around, of: { [on]: 0 } },
    },
  ];
} // prettier-ignore

/** The body it lies against: a wall, the leaf it is on, or a carcass. */
function liesOn({ mount }: Cover, place: AnyPlace): string {
  switch (mount.on) {
    case 'wall':
      return `wall-${mount.corner}`;
    case 'mover':
      return ('ground' in place ? place.ground.link : undefined) ?? mount.host;
    case 'top':
      return mount.carcass;
  }
}
