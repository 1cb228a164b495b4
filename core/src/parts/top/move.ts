import { rowOf } from '../../carcass/build';
import { motionOf } from '../../motion/motion';
import { movingBodyOfLink } from '../../scene/linkBody';
import type { Mover } from '../../scene/scene';
import type { Point3 } from '../../solid/prism';
import { frameOf } from '../../item/frame';
import type { PartPieces } from '../contract/family';
import type { LaidTop } from './lay';
import type { Top } from './schema';

/** The way it goes, in its carcass's frame. */
const WAY: Readonly<Record<Top['goes'], Point3>> = {
  front: [0, -1, 0],
  back: [0, 1, 0],
  left: [-1, 0, 0],
  right: [1, 0, 0],
};

export function moveTop({ top, place }: LaidTop, { moving: [link] }: PartPieces): readonly Mover[] {
  const { carcass, gaps } = place;
  const row = rowOf(carcass);
  const to = top.travel.mm;
  const direction = frameOf(carcass).turn(WAY[top.goes]);
  return [
    {
      id: top.id,
      item: top.id,
      name: top.name,
      bodies: [movingBodyOfLink(link!, row, motionOf({ kind: 'slide', direction }))],
      unit: 'mm',
      from: 0,
      to,
      // It lies on its carcass all the way.
      contacts: [{ moving: `${top.id}/board`, still: carcass.id, from: 0, to, depth: 0 }],
      needs: {
        around: gaps.around,
        row: { of: row, gap: Math.min(gaps.running, top.cleats.play.mm * HAIR) },
        of: {},
      },
    },
  ];
}

/** What is chosen as play is what is wanted: less than all of it by this much is not kept. */
const HAIR = 0.999;
