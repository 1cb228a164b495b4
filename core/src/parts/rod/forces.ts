import { weightForce } from '../../balance/force';
import { frameOf } from '../../item/frame';
import type { Acting } from '../contract/family';
import { hangingOn } from './advice';
import type { LaidRod } from './lay';

/** What hangs on it: it weighs on its case where that hangs itself. */
export function rodForces(laid: LaidRod): readonly Acting[] {
  const { rod, place, from, to, y, z } = laid;
  const centre = frameOf(place.carcass).toSpace([(from + to) / 2, y, z]);
  return [
    {
      link: rod.id,
      force: weightForce(`${rod.id}.clothes`, 'what hangs on it', { kg: hangingOn(laid), centre }),
    },
  ];
}
