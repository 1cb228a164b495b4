import type { HardwareOf } from '../../../hardware/schema';
import type { HardwareList } from '../../../hardware/generic';
import type { LevelHinge } from './schema';

const KIND = { continuous: 'continuous hinge', butt: 'butt hinge' } as const;

export const levelHingeKind = ({ kind }: Pick<LevelHinge, 'kind'>) => KIND[kind];

/** The hinge it names; undefined where there is none of that name and kind. */
export const levelHingeItem = (
  hinge: LevelHinge,
  hardware: HardwareList,
): HardwareOf<'continuous hinge'> | HardwareOf<'butt hinge'> | undefined =>
  hinge.kind === 'continuous'
    ? hardware.find(hinge.hardware, 'continuous hinge')
    : hardware.find(hinge.hardware, 'butt hinge');

/** A pair of butts holds a leaf up to so wide, and one more each so much farther, mm. Common practice. */
const PAIR_TO = 900;
const MORE_EACH = 600;

/** Middles of its hinges along its axis, from its left end, mm; a continuous one holds it at both ends. */
export function hingePlaces(hinge: LevelHinge, wide: number): readonly number[] {
  if (hinge.kind === 'continuous') return [0, wide];
  const count = Math.max(2, hinge.count ?? 2 + Math.max(0, Math.ceil((wide - PAIR_TO) / MORE_EACH)));
  const from = Math.min(hinge.ends.mm, wide / 3);
  return Array.from({ length: count }, (_, i) => from + (i * (wide - 2 * from)) / (count - 1));
}

/** How far its pin is from the outer face of a leaf, out of it, mm; of one beneath, how far that is below the inner face. */
export const pinOut = ({ knuckle, pin }: LevelHinge, thick: number): number =>
  knuckle === 'above' ? pin.mm : knuckle === 'flush' ? -pin.mm : -thick - pin.mm;
