import { cost, lengthLever } from '../../../item/leverOf';
import type { Lever } from '../../../item/lever';
import { lengthMark } from '../../../length/lengthMark';
import type { LaidArm } from './lay';

export const armLevers = ({ arm }: LaidArm): Lever[] =>
  lengthLever(arm, ['long'], {
    key: 'long',
    what: 'its length',
    to: 100,
    cost: cost('it reaches less far', 5, 1),
    words: (mm) => `make it ${lengthMark(mm)} long`,
  });
