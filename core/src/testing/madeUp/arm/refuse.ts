import type { Issue } from '../../../item/issue';
import { lengthMark } from '../../../length/lengthMark';
import type { LaidArm } from './lay';

/** It must lie along all of what it is mounted on. */
export function refuseArm({ arm, place: { ground } }: LaidArm): Issue[] {
  const from = 'from' in arm.mount ? arm.mount.from.mm : 0;
  const room = ground.size[0] - from;
  return arm.long.mm > room
    ? [
        {
          path: ['long'],
          message: `It stands past the end of ${ground.words}. At most ${lengthMark(room, 'most')} will do.`,
        },
      ]
    : [];
}
