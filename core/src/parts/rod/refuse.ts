import type { Issue } from '../../item/issue';
import { lengthMark } from '../../length/lengthMark';
import { refuse } from '../kit/issues';
import type { LaidRod } from './lay';

/** A rod shorter than this is none, mm. */
const LEAST = 50;

export function refuseRod({ rod, from, to, y, under, deep, cleat, opening }: LaidRod): Issue[] {
  const wide = to - from - 2 * cleat;
  if (wide < LEAST)
    return refuse(['material'], `Its cleats leave ${lengthMark(Math.max(0, wide))} for the rod.`);
  const half = rod.thick.mm / 2;
  if (rod.below.mm < half)
    return refuse(
      ['below'],
      `The rod would stand in what is above it. At least ${lengthMark(half, 'least')} will do.`,
    );
  if (under < half)
    return refuse(
      ['below'],
      `The rod would stand in the bottom of its bay. At most ${lengthMark(rod.below.mm + under - half, 'most')} will do.`,
    );
  if (y - half < opening.inside.front || y + half > opening.inside.back)
    return refuse(
      ['back'],
      `The rod would stand out of its bay, which is ${lengthMark(deep, 'most')} deep. At most ${lengthMark(deep - half, 'most')} will do.`,
    );
  return [];
}
