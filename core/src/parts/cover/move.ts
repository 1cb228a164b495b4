import { movingBodyOfLink } from '../../scene/linkBody';
import type { Mover } from '../../scene/scene';
import type { PartPieces } from '../contract/family';
import type { LaidCover } from './lay';

/** It turns along what it is on, which it may lie against. */
export function moveCover({ cover, place, motion, to }: LaidCover, { moving: [link] }: PartPieces): readonly Mover[] {
  const on = cover.mount.on === 'wall' ? `wall-${cover.mount.corner}` : cover.mount.carcass;
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
