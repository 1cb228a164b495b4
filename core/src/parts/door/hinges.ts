import type { CupHinge } from '../../motion/cupHinge';
import type { HardwareKind, HardwareOf } from '../../hardware/schema';
import type { PartPlace } from '../contract/family';
import { fromHinge, type Leaf } from './leaf';
import { hingeHeights, momentMass, wantedHinges } from './load';
import type { Door, Hinge } from './schema';

const KINDS_OF = {
  butt: ['butt hinge'],
  continuous: ['continuous hinge'],
  pivot: ['pivot'],
  cup: ['cup hinge', 'face-frame hinge'],
} as const satisfies Readonly<Record<Hinge['kind'], readonly HardwareKind[]>>;

/** The kinds of hardware a hinge is chosen from. */
export const hardwareKindsOf = ({
  kind,
}: Pick<Hinge, 'kind'>): readonly (typeof KINDS_OF)[Hinge['kind']][number][] => KINDS_OF[kind];

/** A hinge whose cup is bored into the leaf, on a plate on the side of its case or on the edge of a face frame. */
export type CupItem = HardwareOf<'cup hinge'> | HardwareOf<'face-frame hinge'>;

/** The hardware a door hangs on. Throws where it is not there: the plan was not checked. */
export function hingeHardware<Kind extends HardwareKind>(
  door: Door,
  { hardware }: PartPlace,
  kind: Kind,
): HardwareOf<Kind> {
  const found = hardware.find(door.hinge.hardware, kind);
  if (!found)
    throw new Error(
      `Door ${door.id} has no ${kind} ${door.hinge.hardware}: the plan was not read through readPlan.`,
    );
  return found;
}

/** What every hinge has a number for. */
export function anyHinge(
  door: Door,
  place: PartPlace,
): { name: string; opens: number; rating: number; play: number; confirmed: boolean } {
  const kinds = hardwareKindsOf(door.hinge);
  const kind = kinds.find((one) => place.hardware.find(door.hinge.hardware, one)) ?? kinds[0]!;
  return hingeHardware(door, place, kind);
}

/** The cup hinge a door hangs on, of either kind. Throws where it is not there: the plan was not checked. */
export const cupItem = (door: Door, place: PartPlace): CupItem =>
  place.hardware.find(door.hinge.hardware, 'face-frame hinge') ?? hingeHardware(door, place, 'cup hinge');

/** How many hinges hold a leaf, and how high above its foot their middles are. A continuous one and pivots hold it at its ends. */
export interface Hinges {
  readonly count: number;
  readonly heights: readonly number[];
  /** Between the two end ones, mm. */
  readonly spacing: number;
}

/** @param mass  of the leaf with all that swings on it, kg */
export function hingesOf(
  { hinge }: Door,
  { x, z }: Pick<Leaf, 'x' | 'z'>,
  mass: number,
  rating: number,
): Hinges {
  const high = z[1] - z[0];
  if (hinge.kind === 'continuous' || hinge.kind === 'pivot')
    return { count: hinge.kind === 'pivot' ? 2 : 1, heights: [0, high], spacing: high };
  const count = hinge.count ?? wantedHinges(hinge.kind, high, momentMass(mass, x[1] - x[0]), rating) ?? 5;
  const heights = hingeHeights(high, count, hinge.ends.mm);
  return { count, heights, spacing: heights[count - 1]! - heights[0]! };
}

/** Where the pin of a butt or continuous hinge or of pivots stands in the carcass's frame, mm. */
export function pinOf(door: Door, leaf: Leaf): readonly [number, number] | undefined {
  const { hinge, fit } = door;
  if (hinge.kind === 'cup') return undefined;
  if (hinge.kind === 'pivot') return [fromHinge(leaf, hinge.in.mm), leaf.y[0] + hinge.back.mm];
  const outward = { proud: 1, flush: 0, 'let in': -1 }[hinge.knuckle] * hinge.pin.mm;
  // Over the middle of the joint an inset leaf closes; in the plane where an overlay leaf's back meets the front.
  return fit.kind === 'inset'
    ? [fromHinge(leaf, leaf.over / 2), leaf.y[0] - outward]
    : [fromHinge(leaf, -outward), leaf.y[1]];
}

export interface CupSetting {
  readonly arm: 'full' | 'half' | 'inset' | 'frame';
  /** The overlay that arm, cup distance and plate give, mm; below 0 an inset gap. */
  readonly overlay: number;
  /** What the side adjustment must make up, mm, outward more than 0. */
  readonly adjust: number;
}

/** overlay = constant + cup distance - plate height, the constant lowered by the arm's crank. Common practice; derived from the pivots. */
export function cupSetting(door: Door, leaf: Leaf, item: CupItem): CupSetting {
  const { hinge } = door;
  if (hinge.kind !== 'cup') throw new Error(`Door ${door.id} hangs on no cup hinge.`);
  const crank = { full: 0, half: item.half, inset: item.inset, frame: 0 };
  const of = (arm: CupSetting['arm']): CupSetting => {
    const overlay = item.constant - crank[arm] + hinge.cup.mm - hinge.plate.mm;
    return { arm, overlay, adjust: leaf.over - overlay };
  };
  if (item.kind === 'face-frame hinge') return of('frame');
  if (hinge.arm !== 'as needed') return of(hinge.arm);
  return (['full', 'half', 'inset'] as const)
    .map(of)
    .reduce((a, b) => (Math.abs(b.adjust) < Math.abs(a.adjust) ? b : a));
}

/**
 * The linkage of a cup hinge as it is set, in the plane across the leaf: x from the opening's edge into it, y from the
 * carcass's front back. The cup goes with the leaf's edge; the plate's pivots stand to the cup as the hinge is made.
 */
export function linkageOf(door: Door, leaf: Leaf, item: CupItem): CupHinge {
  const { hinge } = door;
  if (hinge.kind !== 'cup') throw new Error(`Door ${door.id} hangs on no cup hinge.`);
  const cup = hinge.cup.mm - leaf.over;
  const back = leaf.y[1];
  return {
    plate: [
      [cup + item.constant + item.plate1x, back + item.plate1y],
      [cup + item.constant + item.plate2x, back + item.plate2y],
    ],
    cup: [
      [cup + item.cup1x, back - item.cup1y],
      [cup + item.cup2x, back - item.cup2y],
    ],
    opens: item.opens,
  };
}
