import { weightForce } from '../../balance/force';
import { frameOf } from '../../item/frame';
import { BOOKS } from '../../strength/usualLoads';
import type { Acting } from '../contract/family';
import type { LaidShelf } from './lay';

const MM_A_M = 1000;

/** What lies on each of them: it weighs on its case where that hangs itself. */
export function shelfForces({
  shelf,
  place,
  long,
  deep,
  front,
  heights,
  thick,
  opening,
}: LaidShelf): readonly Acting[] {
  const frame = frameOf(place.carcass);
  const middle = (opening.inside.left + opening.inside.right) / 2;
  const kg = ((shelf.load ?? BOOKS) * long) / MM_A_M;
  return heights.map((z, i) => ({
    link: `${shelf.id}/shelf-${i + 1}`,
    force: weightForce(`${shelf.id}/shelf-${i + 1}.load`, 'what lies on it', {
      kg,
      centre: frame.toSpace([middle, front + deep / 2, z + thick]),
    }),
  }));
}
