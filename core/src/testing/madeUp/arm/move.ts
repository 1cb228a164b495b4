import { motionOf } from '../../../motion/motion';
import type { PartPieces } from '../../../parts/contract/family';
import { movingBodyOfLink } from '../../../scene/linkBody';
import type { Mover } from '../../../scene/scene';
import type { LaidArm } from './lay';

/** It turns about the upright line where its left end meets what it is mounted on, which it may touch. */
export function moveArm({ arm, place, frame }: LaidArm, { moving: [link] }: PartPieces): readonly Mover[] {
  const motion = motionOf({ kind: 'turn', point: frame.toSpace([0, 0, 0]), axis: [0, 0, -1] });
  const { host } = { host: undefined, ...arm.mount };
  return [
    {
      id: arm.id,
      item: arm.id,
      name: arm.name,
      bodies: [movingBodyOfLink(link!, undefined, motion)],
      unit: 'rad',
      from: 0,
      to: (arm.swings * Math.PI) / 180,
      contacts: [],
      needs: {
        around: place.gaps.around,
        shell: 0,
        of: Object.fromEntries(
          [place.ground.link, host].flatMap((id) => (id === undefined ? [] : [[id, 0]])),
        ),
      },
    },
  ];
}
